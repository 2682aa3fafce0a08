package pebblestep.app.progress;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.assignments.Assigned;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.assignments.KeysAhead;
import pebblestep.app.bench.ClimbWorkings;
import pebblestep.app.keyplans.KeyPlanService;
import pebblestep.app.platform.PageOf;
import pebblestep.app.practice.PracticeService;
import pebblestep.app.practice.PracticeService.LastTake;
import pebblestep.app.practice.PracticeViews.WordView;
import pebblestep.app.practice.ProgressStore;
import pebblestep.app.practice.TakeOutcome;
import pebblestep.app.practice.WordService;
import pebblestep.app.progress.ProgressViews.DecisionView;
import pebblestep.app.progress.ProgressViews.DeskLine;
import pebblestep.app.progress.ProgressViews.DeskWork;
import pebblestep.app.progress.ProgressViews.FormView;
import pebblestep.app.progress.ProgressViews.KeyPathView;
import pebblestep.app.progress.ProgressViews.LastTakeView;
import pebblestep.app.progress.ProgressViews.StoneView;
import pebblestep.app.students.StudentService;
import pebblestep.app.students.StudentViews.StudentView;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Standing;
import pebblestep.core.keyplan.KeyOrder;
import pebblestep.core.passage.Player;
import pebblestep.core.practice.Judgement;
import pebblestep.core.practice.KeyPath;
import pebblestep.core.practice.Progress;
import pebblestep.core.practice.SlipTally;
import pebblestep.core.practice.Verdict;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.ValueNames;
import pebblestep.exchange.Rounded;

/** The desk, and each student's key path. */
@Service
public class ProgressService {
    private static final int WORD_DAYS = 7;

    /** Lessons of the day in order, then those without one. */
    private static final Comparator<DeskLine> LESSONS_FIRST =
            Comparator.comparing(DeskLine::lesson, Comparator.nullsLast(Comparator.naturalOrder()));

    private final StudentService students;
    private final AssignmentService assignments;
    private final PracticeService practice;
    private final ProgressStore store;
    private final WordService words;
    private final SettingsService settings;
    private final KeysAhead keys;
    private final KeyPlanService plans;
    private final Clock clock;

    ProgressService(
            StudentService students,
            AssignmentService assignments,
            PracticeService practice,
            ProgressStore store,
            WordService words,
            SettingsService settings,
            KeysAhead keys,
            KeyPlanService plans,
            Clock clock) {
        this.keys = keys;
        this.plans = plans;
        this.settings = settings;
        this.words = words;
        this.students = students;
        this.assignments = assignments;
        this.practice = practice;
        this.store = store;
        this.clock = clock;
    }

    /**
     * The students of a studio with what they work on, those who need the teacher most first on their page: seven
     * queries, however many students there are.
     */
    @Transactional(readOnly = true)
    public PageOf<DeskLine> desk(long studioId, int page) {
        LocalDate today = LocalDate.now(clock);
        PageOf<StudentView> onPage = students.list(studioId, false, page);
        List<Long> ids = onPage.items().stream().map(StudentView::id).toList();
        keys.comeUp(studioId, ids);
        List<Assigned> active = assignments.begun(studioId, ids, today);
        ValueNames names = settings.of(studioId).speech().names();
        Map<Long, Player> players = students.players(studioId, ids);
        Map<Long, Progress> progress = store.of(active, players);
        Map<Long, LastTake> last = practice.last(studioId, ids);
        Map<Long, WordView> said = words.last(studioId, ids, today.minusDays(WORD_DAYS));
        Map<Long, List<Assigned>> byStudent = active.stream().collect(Collectors.groupingBy(Assigned::studentId));
        List<DeskLine> lines = onPage.items().stream()
                .map(student -> new DeskLine(
                        student.id(),
                        student.name(),
                        student.instrumentName(),
                        lastTake(last.get(student.id()), today),
                        said.get(student.id()),
                        lessonOn(student, today),
                        byStudent.getOrDefault(student.id(), List.of()).stream()
                                .map(assigned -> deskWork(
                                        players.get(student.id()), assigned, progress.get(assigned.id()), today, names))
                                .flatMap(Optional::stream)
                                .sorted(Comparator.comparing(ProgressService::need))
                                .toList()))
                .sorted(LESSONS_FIRST.thenComparing(line -> line.works().stream()
                        .map(ProgressService::need)
                        .findFirst()
                        .orElse(Judgement.Kind.REACHED)))
                .toList();
        return new PageOf<>(lines, onPage.page(), onPage.pages(), onPage.total());
    }

    private static @Nullable LocalTime lessonOn(StudentView student, LocalDate today) {
        boolean isToday = student.lessonDay() != null
                && student.lessonDay() == today.getDayOfWeek().getValue();
        return isToday ? student.lessonTime() : null;
    }

    private static Judgement.Kind need(DeskWork work) {
        return Judgement.Kind.valueOf(work.kind().toUpperCase(Locale.ROOT));
    }

    private static @Nullable LastTakeView lastTake(@Nullable LastTake last, LocalDate today) {
        if (last == null) return null;
        int daysAgo = (int) Math.max(0, ChronoUnit.DAYS.between(last.day(), today));
        return new LastTakeView(last.day(), daysAgo, last.bpm().value(), TakeOutcome.of(last.outcome()));
    }

    /** Work as the desk shows it: what is open on the day, and what slips away whenever it was given. */
    private static Optional<DeskWork> deskWork(
            Player player, Assigned assigned, Progress progress, LocalDate today, ValueNames names) {
        Verdict verdict = Verdict.of(progress, assigned.schedule(), assigned.goal(), player, today, names);
        if (!assigned.schedule().isOpen(today) && verdict.kind() != Judgement.Kind.SLIPPING) return Optional.empty();
        Standing standing = progress.standing().on(today);
        Ascent ascent = standing.ascent();
        boolean picks = verdict.kind() == Judgement.Kind.PICK;
        return Optional.of(new DeskWork(
                assigned.id(),
                assigned.title(),
                progress.key().toString(),
                ascent.bpm(standing.at()).value(),
                ascent.bpm(ascent.climb().last()).value(),
                progress.best().map(best -> best.bpm().value()).orElse(null),
                progress.best().map(best -> Rounded.of(best.notesPerSecond())).orElse(null),
                KeyPath.rings(standing),
                verdict.kind().name().toLowerCase(Locale.ROOT),
                verdict.sentence(),
                verdict.advice(),
                picks ? new ClimbWorkings(ascent, Optional.of(player), names).moves(standing.at()) : List.of(),
                picks ? List.of() : decisions(standing, names),
                standing.held()));
    }

    private static List<DecisionView> decisions(Standing standing, ValueNames names) {
        Ascent ascent = standing.ascent();
        List<DecisionView> decisions = new ArrayList<>();
        ascent.back(standing.at())
                .ifPresent(at -> decisions.add(new DecisionView("back", ascent.inWords(at, names), at.rungs())));
        ascent.next(standing.at())
                .ifPresent(at -> decisions.add(new DecisionView("on", ascent.inWords(at, names), at.rungs())));
        return decisions;
    }

    /** A student's keys by fourths, with everything that was ever done in them. */
    @Transactional(readOnly = true)
    public KeyPathView keyPath(long studioId, long studentId) {
        StudentView student = students.get(studioId, studentId);
        keys.comeUp(studioId, List.of(studentId));
        Player player = students.player(studioId, studentId);
        List<Assigned> all = assignments.all(studioId, studentId);
        List<Progress> works =
                List.copyOf(store.of(all, Map.of(studentId, player)).values());
        KeyPath path = KeyPath.of(
                plans.order(studioId, studentId, player)
                        .map(KeyOrder::completed)
                        .orElse(KeyOrder.fourths()),
                works,
                LocalDate.now(clock));
        return new KeyPathView(
                student.name(),
                student.instrumentName(),
                KeyPath.MOST_RINGS,
                path.stones().stream()
                        .map(stone -> new StoneView(
                                stone.tonic().toString(),
                                stone.rings(),
                                stone.forms().stream()
                                        .map(ProgressService::form)
                                        .toList()))
                        .toList());
    }

    private static FormView form(KeyPath.FormProgress form) {
        return new FormView(
                form.key().toString(),
                form.key().form().name(),
                form.rings(),
                form.takes(),
                form.clean(),
                form.bestBpm().map(Bpm::value).orElse(null),
                form.bestNotesPerSecond().map(Rounded::of).orElse(null),
                form.lastDay().orElse(null),
                kind(form.judgement()),
                form.judgement().sentence(),
                SlipTally.of(form.key(), form.slips()).sentences());
    }

    private static String kind(Judgement judgement) {
        return judgement.kind().name().toLowerCase(Locale.ROOT);
    }
}
