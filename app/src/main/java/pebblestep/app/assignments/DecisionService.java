package pebblestep.app.assignments;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.assignments.AssignmentViews.AssignmentView;
import pebblestep.app.bench.Ascents;
import pebblestep.app.platform.Acting;
import pebblestep.app.students.StudentService;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Misfit;
import pebblestep.core.climb.Outlook;
import pebblestep.core.climb.Position;
import pebblestep.core.climb.Spans;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.StepWords;
import pebblestep.core.rhythm.Speech;
import pebblestep.documents.Fields;
import pebblestep.documents.bench.Asked;
import pebblestep.exchange.ClimbJson;
import pebblestep.exchange.StepJson;
import tools.jackson.databind.JsonNode;

/** What the teacher decides about something given: each a line of the log that a later one can take back. */
@Service
public class DecisionService {
    private final AssignmentService assignments;
    private final ChangeRepository changes;
    private final StudentService students;
    private final AssignedReader reader;
    private final SettingsService settings;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    DecisionService(
            AssignmentService assignments,
            ChangeRepository changes,
            StudentService students,
            AssignedReader reader,
            SettingsService settings,
            ApplicationEventPublisher events,
            Clock clock) {
        this.assignments = assignments;
        this.changes = changes;
        this.students = students;
        this.reader = reader;
        this.settings = settings;
        this.events = events;
        this.clock = clock;
    }

    /** Holds a student on the rung, or lets them go on. */
    @Transactional
    public AssignmentView hold(long studioId, long id) {
        AssignmentEntity entity = held(studioId, id);
        ChangeEntity change = change(entity);
        change.held = true;
        return decided(entity, change);
    }

    /** Lets a student who was held on a rung go on. */
    @Transactional
    public AssignmentView release(long studioId, long id) {
        AssignmentEntity entity = held(studioId, id);
        ChangeEntity change = change(entity);
        change.held = false;
        return decided(entity, change);
    }

    /** Changes the climb of an assignment from now on; what was practised so far keeps its rungs. */
    @Transactional
    public AssignmentView changeClimb(long studioId, long id, JsonNode climb) {
        AssignmentEntity entity = held(studioId, id);
        Assigned assigned = reader.of(entity);
        Ascent changed = Ascents.climbOf(assigned.now().step(), climb, "climb");
        Player player = students.player(studioId, entity.studentId);
        Fields.at(
                "climb",
                () -> Outlook.of(
                        changed,
                        changed.climb().first(),
                        player,
                        settings.of(studioId).speech()));
        ChangeEntity change = change(entity);
        write(change, assigned, changed);
        return decided(entity, change);
    }

    /** Puts a student on a rung of the climb as it is now. */
    @Transactional
    public AssignmentView place(long studioId, long id, List<Integer> at) {
        AssignmentEntity entity = held(studioId, id);
        Ascent now = reader.of(entity).now();
        ChangeEntity change = change(entity);
        change.placedAt = Asked.position(now.climb(), at, "at").toString();
        return decided(entity, change);
    }

    /**
     * Takes the last decision back by a line of its own: the student stands as if it had not been. Refuses where nothing
     * is left to take back.
     */
    @Transactional
    public AssignmentView undo(long studioId, long id) {
        AssignmentEntity entity = held(studioId, id);
        List<ChangeEntity> all = changes.findByAssignmentIdInOrderById(List.of(id));
        Set<Long> undone = AssignedReader.undone(all);
        ChangeEntity last = all.stream()
                .filter(change -> change.undoes == null && !undone.contains(change.id))
                .reduce((earlier, later) -> later)
                .orElseThrow(() -> Refusal.of("id", "Nothing was decided about this step that could be taken back."));
        ChangeEntity change = change(entity);
        change.undoes = last.id;
        return decided(entity, change);
    }

    /** Lets the student play a wider or a shorter range from now on. Refuses where there is none. */
    @Transactional
    public AssignmentView span(long studioId, long id, Spans.Change to, Position at) {
        AssignmentEntity entity = held(studioId, id);
        Assigned assigned = reader.of(entity);
        Ascent now = assigned.now();
        Spans spans = Spans.of(to, now, at)
                .orElseThrow(() -> Refusal.of("wider", "There is no " + to.inWords() + " range of this."));
        Player player = students.player(studioId, entity.studentId);
        Fields.at(
                "wider",
                () -> Outlook.of(
                        spans.ascent(),
                        spans.at(),
                        player,
                        settings.of(studioId).speech()));
        ChangeEntity change = change(entity);
        if (!spans.ascent().equals(now)) write(change, assigned, spans.ascent());
        change.placedAt = spans.at().toString();
        return decided(entity, change);
    }

    /**
     * Gives what of a step and its climb still fits the student, whose range has changed since. Refuses where everything
     * fits, and where nothing does.
     */
    @Transactional
    public AssignmentView fit(long studioId, long id) {
        AssignmentEntity entity = held(studioId, id);
        Assigned assigned = reader.of(entity);
        Player player = students.player(studioId, entity.studentId);
        Ascent now = assigned.now();
        Misfit misfit = Misfit.ahead(now, now.climb().first(), player)
                .orElseThrow(() -> Refusal.of("id", "All of this step fits the student's range."));
        Ascent fits = misfit.nearest(player).map(Misfit.Nearest::ascent).orElseThrow(() -> Refusal.of(
                        "id", misfit.sentence(settings.of(studioId).speech()))
                .fits("Nothing near it does. End it, and give another step."));
        ChangeEntity change = change(entity);
        write(change, assigned, fits);
        return decided(entity, change);
    }

    /** An assignment about which nobody else decides until this is done. */
    private AssignmentEntity held(long studioId, long id) {
        AssignmentEntity entity = assignments.find(studioId, id);
        events.publishEvent(new Deciding(id));
        return entity;
    }

    private static void write(ChangeEntity change, Assigned assigned, Ascent ascent) {
        change.climb = ClimbJson.writeText(ascent.climb());
        if (!ascent.step().equals(assigned.step())) change.document = StepJson.writeText(ascent.step());
    }

    private ChangeEntity change(AssignmentEntity entity) {
        ChangeEntity change = new ChangeEntity();
        change.studioId = entity.studioId;
        change.assignmentId = entity.id;
        change.decidedBy = Acting.teacher();
        change.decidedAt = clock.instant();
        change.decidedOn = LocalDate.now(clock);
        return change;
    }

    /** A title that says the step says it as it is now; one that the teacher wrote stays. */
    private void retitle(AssignmentEntity entity) {
        Assigned assigned = reader.of(entity);
        Speech speech = settings.of(entity.studioId).speech();
        Step given = assigned.step();
        boolean isMade = given.title().isBlank() || given.title().equals(StepWords.title(given.withTitle(""), speech));
        if (isMade) entity.title = StepWords.title(assigned.now().step().withTitle(""), speech);
    }

    private AssignmentView decided(AssignmentEntity entity, ChangeEntity change) {
        changes.save(change);
        retitle(entity);
        events.publishEvent(new AssignmentChanged(entity.studioId, entity.id));
        return assignments.view(entity);
    }
}
