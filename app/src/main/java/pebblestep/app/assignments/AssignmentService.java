package pebblestep.app.assignments;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.assignments.AssignmentViews.AssignmentForm;
import pebblestep.app.assignments.AssignmentViews.AssignmentView;
import pebblestep.app.bench.KeyBefore;
import pebblestep.app.bench.LadderForm;
import pebblestep.app.bench.StepService;
import pebblestep.app.bench.StepViews.StepView;
import pebblestep.app.platform.Problems;
import pebblestep.app.students.StudentService;
import pebblestep.app.students.StudentViews.StudentView;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.StepWords;
import pebblestep.exchange.StepDocuments;

/** Gives steps to students, and tells what they have been given. */
@Service
public class AssignmentService implements KeyBefore {
    /** More steps than a student meets in years; a list never grows past it. */
    private static final int MOST_PER_STUDENT = 500;

    private static final int MOST_DAYS = 730;

    private final AssignmentRepository assignments;
    private final StepService steps;
    private final StudentService students;
    private final SettingsService settings;
    private final Clock clock;

    AssignmentService(
            AssignmentRepository assignments,
            StepService steps,
            StudentService students,
            SettingsService settings,
            Clock clock) {
        this.settings = settings;
        this.assignments = assignments;
        this.steps = steps;
        this.students = students;
        this.clock = clock;
    }

    /** Gives a step as it stands now; refuses one that does not fit the student's instrument. */
    @Transactional
    public AssignmentView assign(long studioId, AssignmentForm form) {
        StudentView student = students.get(studioId, form.studentId());
        StepView step = steps.get(studioId, form.stepId());
        if (student.archived()) throw Refusal.of("studentId", student.name() + " is put away. Take them back first.");
        if (form.endsOn().isBefore(form.startsOn())) {
            throw Refusal.of("endsOn", "The last day comes before the first.").fits("Choose a later day.");
        }
        if (form.startsOn().plusDays(MOST_DAYS).isBefore(form.endsOn())) {
            throw Refusal.of("endsOn", "A step is given for two years at most.");
        }
        Step given = steps.step(studioId, step.id());
        Passage.of(given, students.player(studioId, student.id()));
        AssignmentEntity entity = new AssignmentEntity();
        entity.studioId = studioId;
        entity.studentId = student.id();
        entity.stepId = step.id();
        entity.title = step.title();
        entity.document = StepDocuments.writeText(given);
        entity.ladderFrom = step.ladder().from();
        entity.ladderTo = step.ladder().to();
        entity.ladderBy = step.ladder().by();
        entity.startsOn = form.startsOn();
        entity.endsOn = form.endsOn();
        entity.dailyMinutes = form.minutesADay();
        entity.createdAt = clock.instant();
        return view(assignments.save(entity));
    }

    /** Ends an assignment, or takes that back; its takes stay. */
    @Transactional
    public AssignmentView end(long studioId, long id, boolean ended) {
        AssignmentEntity entity =
                assignments.findByIdAndStudioId(id, studioId).orElseThrow(() -> Problems.notFound("assignment"));
        entity.ended = ended;
        return view(entity);
    }

    /** Everything a student was given, newest first. */
    @Transactional(readOnly = true)
    public List<AssignmentView> list(long studioId, long studentId) {
        students.get(studioId, studentId);
        return of(studioId, studentId).stream().map(this::view).toList();
    }

    /** Everything a student was given, newest first, as the rules need it. */
    @Transactional(readOnly = true)
    public List<Assigned> all(long studioId, long studentId) {
        return of(studioId, studentId).stream().map(AssignmentService::assigned).toList();
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<Step> stepBefore(long studioId, long studentId, Step step) {
        return of(studioId, studentId).stream()
                .map(entity -> StepDocuments.read(entity.document))
                .filter(given -> !given.key().equals(step.key()))
                .findFirst();
    }

    /** The step in another key that the student was given last before this one. */
    @Transactional(readOnly = true)
    public Optional<Step> before(long studioId, Assigned assigned) {
        return all(studioId, assigned.studentId()).stream()
                .dropWhile(given -> given.id() != assigned.id())
                .map(Assigned::step)
                .filter(given -> !given.key().equals(assigned.step().key()))
                .findFirst();
    }

    private List<AssignmentEntity> of(long studioId, long studentId) {
        return assignments.findByStudioIdAndStudentIdOrderByStartsOnDescIdDesc(
                studioId, studentId, Limit.of(MOST_PER_STUDENT));
    }

    /** What these students have to practise on a day, oldest first. */
    @Transactional(readOnly = true)
    public List<Assigned> activeOn(long studioId, Collection<Long> studentIds, LocalDate day) {
        return assignments.activeOn(studioId, studentIds, day).stream()
                .map(AssignmentService::assigned)
                .toList();
    }

    /** One assignment of one student. */
    @Transactional(readOnly = true)
    public Optional<Assigned> find(long studioId, long studentId, long id) {
        return assignments
                .findByIdAndStudioId(id, studioId)
                .filter(entity -> entity.studentId == studentId)
                .map(AssignmentService::assigned);
    }

    private static Assigned assigned(AssignmentEntity entity) {
        return new Assigned(
                entity.id,
                entity.studioId,
                entity.studentId,
                entity.title,
                StepDocuments.read(entity.document),
                ladder(entity).ladder(),
                entity.endsOn,
                entity.dailyMinutes);
    }

    private static LadderForm ladder(AssignmentEntity entity) {
        return new LadderForm(entity.ladderFrom, entity.ladderTo, entity.ladderBy);
    }

    private AssignmentView view(AssignmentEntity entity) {
        Step step = StepDocuments.read(entity.document);
        return new AssignmentView(
                entity.id,
                entity.studentId,
                entity.stepId,
                entity.title,
                step.key() + ", "
                        + StepWords.withoutKey(
                                step, settings.of(entity.studioId).speech().names()),
                ladder(entity),
                entity.startsOn,
                entity.endsOn,
                entity.dailyMinutes,
                entity.ended);
    }
}
