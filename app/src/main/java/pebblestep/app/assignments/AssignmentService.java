package pebblestep.app.assignments;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.accounts.TeacherNames;
import pebblestep.app.assignments.AssignmentViews.AssignmentRequest;
import pebblestep.app.assignments.AssignmentViews.AssignmentView;
import pebblestep.app.assignments.AssignmentViews.GoalRequest;
import pebblestep.app.assignments.AssignmentViews.ScheduleRequest;
import pebblestep.app.bench.KeyBefore;
import pebblestep.app.bench.StepService;
import pebblestep.app.platform.Found;
import pebblestep.app.platform.InParts;
import pebblestep.app.platform.Problems;
import pebblestep.app.students.StudentService;
import pebblestep.app.students.StudentService.Enrolled;
import pebblestep.app.students.StudentViews.StudentView;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Climb;
import pebblestep.core.climb.Outlook;
import pebblestep.core.climb.Position;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.StepWords;
import pebblestep.core.practice.Verdict;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.Key;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.Fields;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;
import pebblestep.documents.bench.Asked;
import pebblestep.exchange.ClimbJson;
import pebblestep.exchange.StepJson;

/** Gives steps to students, and tells what they have been given. */
@Service
public class AssignmentService implements KeyBefore {
    /** More steps than a student meets in years; a list never grows past it. */
    private static final int MOST_PER_STUDENT = 500;
    /** As many as are read at once in search of an earlier key: mostly the first is another one. */
    private static final int FEW = 8;

    /** One of them is another than any step has. */
    private static final int LAST_KEYS = 2;

    /** More than a studio of hundreds works on. */
    private static final int MOST_AT_ONCE = 10_000;

    private static final int MOST_DAYS = 730;

    private final AssignmentRepository assignments;
    private final TeacherNames names;
    private final StepService steps;
    private final StudentService students;
    private final SettingsService settings;
    private final AssignedReader reader;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    AssignmentService(
            AssignmentRepository assignments,
            TeacherNames names,
            StepService steps,
            StudentService students,
            SettingsService settings,
            AssignedReader reader,
            ApplicationEventPublisher events,
            Clock clock) {
        this.reader = reader;
        this.names = names;
        this.events = events;
        this.settings = settings;
        this.assignments = assignments;
        this.steps = steps;
        this.students = students;
        this.clock = clock;
    }

    /** Why somebody who is put away gets nothing. */
    static Refusal putAway(String field, StudentView student) {
        return Refusal.of(field, student.name() + " is put away. Take them back first.");
    }

    /** Gives a step as it stands now; refuses one that does not fit the student's instrument. */
    @Transactional
    public AssignmentView assign(long studioId, AssignmentRequest form) {
        Enrolled enrolled = students.enrolled(studioId, form.studentId());
        StudentView student = enrolled.student();
        if (student.archived()) throw putAway("studentId", student);
        requireDays(form.startsOn(), form.endsOn());
        Ascent given = steps.ascent(studioId, form.stepId());
        Position start = Asked.position(given.climb(), form.start(), "start");
        // Every rung from the start on has to fit the student's instrument, not only the first.
        Speech speech = settings.of(studioId).speech();
        Outlook.of(given, start, enrolled.player(), speech);
        AssignmentEntity entity = new AssignmentEntity();
        entity.studioId = studioId;
        entity.studentId = student.id();
        entity.stepId = form.stepId();
        entity.title = StepWords.title(given.step(), speech);
        entity.document = StepJson.writeText(given.step());
        entity.climb = ClimbJson.writeText(given.climb());
        entity.startAt = start.equals(given.climb().first()) ? null : start.toString();
        setGoal(entity, form.goal());
        entity.startsOn = form.startsOn();
        entity.endsOn = form.endsOn();
        entity.weekdays = Weekdays.bits(form.weekdays() == null ? List.of() : form.weekdays());
        entity.dailyMinutes = form.minutesADay();
        entity.createdAt = clock.instant();
        assignments.save(entity);
        events.publishEvent(new AssignmentChanged(entity.studioId, entity.id));
        return view(entity);
    }

    /** Refuses a last day before the first, and one years away. */
    static void requireDays(LocalDate startsOn, @Nullable LocalDate endsOn) {
        if (endsOn == null) return;
        if (endsOn.isBefore(startsOn)) {
            throw Refusal.of("endsOn", "The last day comes before the first.").fits("Choose a later day.");
        }
        if (startsOn.plusDays(MOST_DAYS).isBefore(endsOn)) {
            throw Refusal.of("endsOn", "A step is given for two years at most.")
                    .fits("Without a last day it goes on until it is learned.");
        }
    }

    /** Changes until when, on which days and how long a step is practised; the log and the standing stay. */
    @Transactional
    public AssignmentView reschedule(long studioId, long id, ScheduleRequest form) {
        AssignmentEntity entity = find(studioId, id);
        requireDays(entity.startsOn, form.endsOn());
        entity.endsOn = form.endsOn();
        entity.weekdays = Weekdays.bits(form.weekdays() == null ? List.of() : form.weekdays());
        entity.dailyMinutes = form.minutesADay();
        return view(entity);
    }

    /** Sets what is to be met by when; null takes it away. */
    @Transactional
    public AssignmentView setGoal(long studioId, long id, @Nullable GoalRequest goal) {
        AssignmentEntity entity = find(studioId, id);
        setGoal(entity, goal);
        return view(entity);
    }

    private static @Nullable GoalRequest goalOf(AssignmentEntity entity) {
        BigDecimal bpm = entity.goalBpm;
        LocalDate on = entity.goalOn;
        return bpm == null || on == null ? null : new GoalRequest(Bpm.of(bpm).value(), on);
    }

    /** Keeps others who hold it from an assignment until the transaction is over. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void hold(long assignmentId) {
        if (assignments.locked(assignmentId).isEmpty()) throw Problems.notFound("assignment");
    }

    /** Writes down what does not fit these students any more, where it is searched by. */
    @Transactional
    public void misfit(long studioId, Collection<Long> studentIds, Collection<Long> assignmentIds) {
        assignments.mark(studioId, studentIds, assignmentIds);
    }

    /** Writes down how far an assignment has come, where it is searched by. */
    @Transactional
    public void stands(long assignmentId, @Nullable LocalDate learnedOn, int failed) {
        AssignmentEntity entity = assignments.findById(assignmentId).orElseThrow();
        entity.learnedOn = learnedOn;
        entity.failed = failed;
    }

    private static void setGoal(AssignmentEntity entity, @Nullable GoalRequest goal) {
        entity.goalBpm = goal == null
                ? null
                : Fields.at("goal.bpm", () -> Bpm.of(goal.bpm())).value();
        entity.goalOn = goal == null ? null : goal.date();
    }

    /** One row of a studio; refuses those of others. */
    AssignmentEntity find(long studioId, long id) {
        return assignments.findByIdAndStudioId(id, studioId).orElseThrow(() -> Problems.notFound("assignment"));
    }

    /** Ends an assignment, or takes that back; its takes stay. */
    @Transactional
    public AssignmentView end(long studioId, long id) {
        AssignmentEntity entity = find(studioId, id);
        entity.ended = true;
        return view(entity);
    }

    /** Takes up an assignment again that was ended. */
    @Transactional
    public AssignmentView reopen(long studioId, long id) {
        AssignmentEntity entity = find(studioId, id);
        entity.ended = false;
        return view(entity);
    }

    /** Everything a student was given, newest first. */
    @Transactional(readOnly = true)
    public List<AssignmentView> list(long studioId, long studentId) {
        students.get(studioId, studentId);
        return views(of(studioId, studentId));
    }

    /** Everything a student was given, newest first, as the rules need it. */
    @Transactional(readOnly = true)
    public List<Assigned> all(long studioId, long studentId) {
        return allOf(studioId, List.of(studentId));
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<Step> stepBefore(long studioId, long studentId, Step step) {
        return of(studioId, studentId).stream()
                .map(entity -> StepJson.read(entity.document))
                .filter(given -> !given.key().equals(step.key()))
                .findFirst();
    }

    @Override
    @Transactional(readOnly = true)
    public List<StepDocument.KeyPart> lastKeys(long studioId, long studentId) {
        Map<Key, StepDocument.KeyPart> keys = new LinkedHashMap<>();
        for (AssignmentEntity entity : of(studioId, studentId)) {
            Step given = StepJson.read(entity.document);
            keys.putIfAbsent(given.key(), StepDocuments.write(given).key());
            if (keys.size() == LAST_KEYS) break;
        }
        return List.copyOf(keys.values());
    }

    /** The key that the student was given last before each assignment, by its id: another than its own; absent where none was. */
    @Transactional(readOnly = true)
    public Map<Long, StepDocument.KeyPart> keysBefore(long studioId, long studentId) {
        Map<Long, StepDocument.KeyPart> keys = new HashMap<>();
        List<Long> ids = assignments.allOf(studioId, List.of(studentId), Limit.of(MOST_PER_STUDENT)).stream()
                .map(AssignedRow::id)
                .toList();
        Map<Long, Step> steps = reader.steps(ids);
        Step last = null;
        Step before = null;
        for (Long id : ids.reversed()) {
            Step given = Found.in(steps, id);
            if (last != null && !last.key().equals(given.key())) before = last;
            last = given;
            if (before != null) keys.put(id, StepDocuments.write(before).key());
        }
        return keys;
    }

    /** The key that the student was given last before an assignment: another than its own; empty where none was. */
    @Transactional(readOnly = true)
    public Optional<StepDocument.KeyPart> keyBefore(Assigned assigned) {
        LocalDate from = assigned.schedule().from();
        for (int page = 0; page * FEW < MOST_PER_STUDENT; page++) {
            List<Long> earlier =
                    assignments.before(assigned.studentId(), from, assigned.id(), PageRequest.of(page, FEW));
            Map<Long, Step> steps = reader.steps(earlier);
            for (Long id : earlier) {
                Step given = Found.in(steps, id);
                if (!given.key().equals(assigned.step().key())) {
                    return Optional.of(StepDocuments.write(given).key());
                }
            }
            if (earlier.size() < FEW) break;
        }
        return Optional.empty();
    }

    private List<AssignmentEntity> of(long studioId, long studentId) {
        return assignments.findByStudioIdAndStudentIdOrderByStartsOnDescIdDesc(
                studioId, studentId, Limit.of(MOST_PER_STUDENT));
    }

    /** What these students were given until a day and was not ended, oldest first: known material comes back from it. */
    @Transactional(readOnly = true)
    public List<Assigned> begun(long studioId, Collection<Long> studentIds, LocalDate day) {
        return reader.of(assignments.begun(studioId, studentIds, day));
    }

    /**
     * What the students of a studio work on: what is open on a day, without what was learned before another, what slips
     * away, and what does not fit them any more.
     */
    @Transactional(readOnly = true)
    public List<Assigned> open(long studioId, LocalDate day, LocalDate learnedSince) {
        Map<Long, AssignedRow> rows = new TreeMap<>();
        Limit most = Limit.of(MOST_AT_ONCE);
        Stream.of(
                        assignments.openUntil(studioId, day, learnedSince, most),
                        assignments.openEndless(studioId, day, learnedSince, most),
                        assignments.slipping(studioId, day, Verdict.SLIPPING_REVIEWS, most),
                        assignments.misfits(studioId, day, most))
                .flatMap(List::stream)
                .forEach(row -> rows.put(row.id(), row));
        return reader.of(rows.values());
    }

    /** Everything these students were ever given, newest first: two queries, however many they are. */
    @Transactional(readOnly = true)
    public List<Assigned> allOf(long studioId, Collection<Long> studentIds) {
        if (studentIds.isEmpty()) return List.of();
        return reader.of(assignments.allOf(studioId, studentIds, Limit.of(MOST_AT_ONCE)));
    }

    /** On which days these students have or had something to practise between two days. */
    @Transactional(readOnly = true)
    public List<GivenDays> days(long studioId, Collection<Long> studentIds, LocalDate from, LocalDate to) {
        return InParts.of(studentIds, part -> assignments.days(studioId, part, from, to, Limit.of(MOST_AT_ONCE)));
    }

    /** These assignments of a studio. */
    @Transactional(readOnly = true)
    public List<Assigned> ofIds(long studioId, Collection<Long> ids) {
        return reader.of(InParts.of(ids, part -> assignments.ofIds(studioId, part)));
    }

    /** One assignment of one student. */
    @Transactional(readOnly = true)
    public Optional<Assigned> find(long studioId, long studentId, long id) {
        return assignments
                .findByIdAndStudioId(id, studioId)
                .filter(entity -> entity.studentId == studentId)
                .map(reader::of);
    }

    /** One assignment of a studio. */
    @Transactional(readOnly = true)
    public Assigned get(long studioId, long id) {
        return reader.of(find(studioId, id));
    }

    /** A row as the interface shows it. */
    AssignmentView view(AssignmentEntity entity) {
        return views(List.of(entity)).get(0);
    }

    private List<AssignmentView> views(List<AssignmentEntity> entities) {
        List<Assigned> all = reader.of(entities.stream().map(AssignedRow::of).toList());
        return IntStream.range(0, all.size())
                .mapToObj(i -> view(entities.get(i), all.get(i)))
                .toList();
    }

    private AssignmentView view(AssignmentEntity entity, Assigned assigned) {
        Speech speech = settings.of(entity.studioId).speech();
        Ascent now = assigned.now();
        Climb climb = now.climb();
        return new AssignmentView(
                entity.id,
                entity.studentId,
                entity.stepId,
                entity.title,
                now.step().key() + ", " + StepWords.withoutKey(now.step(), speech),
                ClimbDocuments.write(climb),
                now.words(speech).at(climb.first()) + " to " + now.words(speech).at(climb.last()),
                goalOf(entity),
                entity.startsOn,
                entity.endsOn,
                Weekdays.numbers(entity.weekdays),
                entity.dailyMinutes,
                entity.ended || entity.overtaken,
                entity.givenBy == null ? null : names.of(entity.studioId).get(entity.givenBy));
    }
}
