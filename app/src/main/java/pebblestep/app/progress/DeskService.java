package pebblestep.app.progress;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.accounts.TeacherNames;
import pebblestep.app.assignments.Assigned;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.assignments.DecisionService;
import pebblestep.app.bench.StudioPaces;
import pebblestep.app.platform.Found;
import pebblestep.app.practice.PracticeService;
import pebblestep.app.practice.PracticeService.LastTake;
import pebblestep.app.practice.PracticeViews.WordView;
import pebblestep.app.practice.ProgressStore;
import pebblestep.app.practice.WordService;
import pebblestep.app.progress.ProgressViews.DeskPage;
import pebblestep.app.progress.ProgressViews.DeskRow;
import pebblestep.app.progress.ProgressViews.DeskWork;
import pebblestep.app.progress.ProgressViews.LastTakeView;
import pebblestep.app.progress.ProgressViews.VerdictCount;
import pebblestep.app.students.StudentService;
import pebblestep.app.students.StudentViews.StudentView;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Spans;
import pebblestep.core.forecast.Pace;
import pebblestep.core.passage.Player;
import pebblestep.core.practice.JudgementKind;
import pebblestep.core.practice.Progress;
import pebblestep.core.rhythm.Speech;

/** The desk: who needs what today. */
@Service
public class DeskService {
    private static final int PAGE = 50;
    private static final int WORD_DAYS = 7;

    /** What was learned longer ago has become known material, and leaves the desk. */
    private static final int LEARNED_DAYS = 14;

    private final StudentService students;
    private final AssignmentService assignments;
    private final DecisionService decisions;
    private final PracticeService practice;
    private final ProgressStore store;
    private final WordService words;
    private final SettingsService settings;
    private final StudioPaces paces;
    private final TeacherNames names;
    private final Clock clock;

    DeskService(
            StudentService students,
            AssignmentService assignments,
            DecisionService decisions,
            PracticeService practice,
            ProgressStore store,
            WordService words,
            SettingsService settings,
            StudioPaces paces,
            TeacherNames names,
            Clock clock) {
        this.names = names;
        this.students = students;
        this.assignments = assignments;
        this.decisions = decisions;
        this.practice = practice;
        this.store = store;
        this.words = words;
        this.settings = settings;
        this.paces = paces;
        this.clock = clock;
    }

    /** A student with the verdicts on what they work on, neediest first; said in full only where it is shown. */
    private record Seen(StudentView student, @Nullable LocalTime lesson, List<DeskWorkings> works) {
        JudgementKind need() {
            return works.isEmpty() ? JudgementKind.REACHED : works.get(0).kind();
        }
    }

    /** Lessons of the day in order, then those who need the teacher most. */
    private static final Comparator<Seen> ORDER = Comparator.comparing(
                    Seen::lesson, Comparator.nullsLast(Comparator.naturalOrder()))
            .thenComparing(Seen::need);

    /**
     * The students of a studio with what they work on, those with lessons today first and then those who need the teacher
     * most: nine queries, however many students there are.
     *
     * @param verdict only those with a verdict of this kind, and only that; everybody without
     */
    @Transactional(readOnly = true)
    public DeskPage desk(long studioId, int page, @Nullable JudgementKind verdict) {
        if (page < 0) throw Refusal.of("page", "Pages are counted from 0.");
        LocalDate today = LocalDate.now(clock);
        List<StudentView> everybody = students.everybody(studioId);
        List<Long> ids = everybody.stream().map(StudentView::id).toList();
        List<Seen> seen = seen(studioId, everybody, ids, today);
        Map<JudgementKind, Integer> counts = new LinkedHashMap<>();
        for (Seen one : seen) {
            one.works().stream()
                    .map(DeskWorkings::kind)
                    .distinct()
                    .forEach(kind -> counts.merge(kind, 1, Integer::sum));
        }
        List<Seen> chosen = chosen(seen, verdict).sorted(ORDER).toList();
        int pages = (chosen.size() + PAGE - 1) / PAGE;
        List<Seen> shown = chosen.stream().skip((long) page * PAGE).limit(PAGE).toList();
        return new DeskPage(
                lines(studioId, shown, today),
                page,
                pages,
                chosen.size(),
                counts.entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .map(count -> new VerdictCount(count.getKey(), count.getValue()))
                        .toList());
    }

    private static Stream<Seen> chosen(List<Seen> seen, @Nullable JudgementKind verdict) {
        if (verdict == null) return seen.stream();
        return seen.stream()
                .map(one -> new Seen(
                        one.student(),
                        one.lesson(),
                        one.works().stream()
                                .filter(work -> work.kind() == verdict)
                                .toList()))
                .filter(one -> !one.works().isEmpty());
    }

    private List<Seen> seen(long studioId, List<StudentView> everybody, List<Long> ids, LocalDate today) {
        List<Assigned> open = assignments.open(studioId, today, today.minusDays(LEARNED_DAYS));
        Map<Long, Player> players = students.players(studioId, ids);
        List<Assigned> theirs = open.stream()
                .filter(one -> players.containsKey(one.studentId()))
                .toList();
        Map<Long, Progress> progress = store.of(theirs, players);
        Speech speech = settings.of(studioId).speech();
        Pace.Seen studio = paces.seen(studioId);
        Map<Long, List<DeskWorkings>> byStudent = theirs.stream()
                .map(one -> DeskWorkings.of(
                        one, Found.in(progress, one.id()), studio, Found.in(players, one.studentId()), today, speech))
                .flatMap(Optional::stream)
                .collect(Collectors.groupingBy(work -> work.assigned().studentId()));
        return everybody.stream()
                .map(student -> new Seen(
                        student,
                        lessonOn(student, today),
                        byStudent.getOrDefault(student.id(), List.of()).stream()
                                .sorted(Comparator.comparing(DeskWorkings::kind))
                                .toList()))
                .toList();
    }

    private List<DeskRow> lines(long studioId, List<Seen> shown, LocalDate today) {
        List<Long> ids = shown.stream().map(one -> one.student().id()).toList();
        Map<Long, LastTake> last = practice.last(studioId, ids);
        Map<Long, WordView> said = words.last(studioId, ids, today.minusDays(WORD_DAYS));
        Map<Long, String> teachers = names.of(studioId);
        return shown.stream()
                .map(one -> new DeskRow(
                        one.student().id(),
                        one.student().name(),
                        one.student().instrument().name(),
                        LastTakeView.of(last.get(one.student().id()), today),
                        said.get(one.student().id()),
                        one.lesson(),
                        one.works().stream().map(work -> work.view(teachers)).toList()))
                .toList();
    }

    private static @Nullable LocalTime lessonOn(StudentView student, LocalDate today) {
        boolean isToday = student.lesson().day() != null
                && student.lesson().day() == today.getDayOfWeek().getValue();
        return isToday ? student.lesson().time() : null;
    }

    /** What one student works on, neediest first. */
    @Transactional(readOnly = true)
    public List<DeskWork> works(long studioId, long studentId) {
        LocalDate today = LocalDate.now(clock);
        Player player = students.player(studioId, studentId);
        List<Assigned> begun = assignments.begun(studioId, List.of(studentId), today);
        Map<Long, Progress> progress = store.of(begun, Map.of(studentId, player));
        Speech speech = settings.of(studioId).speech();
        Pace.Seen studio = paces.seen(studioId);
        Map<Long, String> teachers = names.of(studioId);
        LocalDate learnedSince = today.minusDays(LEARNED_DAYS);
        return begun.stream()
                .map(one -> DeskWorkings.of(one, Found.in(progress, one.id()), studio, player, today, speech))
                .flatMap(Optional::stream)
                .filter(work -> work.kind() == JudgementKind.MISFIT
                        || work.progress()
                                .reviews()
                                .filter(reviews -> reviews.learned().isBefore(learnedSince) && reviews.failed() == 0)
                                .isEmpty())
                .sorted(Comparator.comparing(DeskWorkings::kind))
                .map(work -> work.view(teachers))
                .toList();
    }

    /** Lets a student play a wider range from where they stand. */
    @Transactional
    public void widen(long studioId, long assignmentId) {
        span(studioId, assignmentId, Spans.Change.WIDER);
    }

    /** Lets a student play a shorter range from where they stand. */
    @Transactional
    public void shorten(long studioId, long assignmentId) {
        span(studioId, assignmentId, Spans.Change.SHORTER);
    }

    private void span(long studioId, long assignmentId, Spans.Change to) {
        LocalDate today = LocalDate.now(clock);
        Assigned assigned = assignments.get(studioId, assignmentId);
        Player player = students.player(studioId, assigned.studentId());
        decisions.span(
                studioId,
                assignmentId,
                to,
                store.of(assigned, player).standing().on(today).at());
    }
}
