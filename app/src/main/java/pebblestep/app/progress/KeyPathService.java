package pebblestep.app.progress;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.assignments.Assigned;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.bench.StudioPaces;
import pebblestep.app.keyplans.KeyPlanService;
import pebblestep.app.platform.Archive;
import pebblestep.app.platform.Found;
import pebblestep.app.platform.PageOf;
import pebblestep.app.platform.Problems;
import pebblestep.app.practice.PracticeService;
import pebblestep.app.practice.PracticeService.LastTake;
import pebblestep.app.practice.ProgressStore;
import pebblestep.app.progress.ProgressViews.FormView;
import pebblestep.app.progress.ProgressViews.GridCell;
import pebblestep.app.progress.ProgressViews.GridRow;
import pebblestep.app.progress.ProgressViews.HistoryDay;
import pebblestep.app.progress.ProgressViews.HistoryPiece;
import pebblestep.app.progress.ProgressViews.KeyGrid;
import pebblestep.app.progress.ProgressViews.KeyHistory;
import pebblestep.app.progress.ProgressViews.KeyPathView;
import pebblestep.app.progress.ProgressViews.LastTakeView;
import pebblestep.app.progress.ProgressViews.StoneView;
import pebblestep.app.students.StudentService;
import pebblestep.app.students.StudentService.Enrolled;
import pebblestep.app.students.StudentViews.StudentView;
import pebblestep.core.forecast.Forecast;
import pebblestep.core.forecast.Pace;
import pebblestep.core.keyplan.FreshInKeys;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.practice.Judgement;
import pebblestep.core.practice.KeyPath;
import pebblestep.core.practice.Progress;
import pebblestep.core.practice.SlipTally;
import pebblestep.core.practice.SlipTrend;
import pebblestep.core.practice.Take;
import pebblestep.core.practice.Work;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.KeyOrder;
import pebblestep.documents.Rounded;

/** Each student's keys: how far they are, what fades, and how it came about. */
@Service
public class KeyPathService {
    private final StudentService students;
    private final AssignmentService assignments;
    private final PracticeService practice;
    private final ProgressStore store;
    private final SettingsService settings;
    private final StudioPaces paces;
    private final KeyPlanService plans;
    private final Clock clock;

    KeyPathService(
            StudentService students,
            AssignmentService assignments,
            PracticeService practice,
            ProgressStore store,
            SettingsService settings,
            StudioPaces paces,
            KeyPlanService plans,
            Clock clock) {
        this.students = students;
        this.assignments = assignments;
        this.practice = practice;
        this.store = store;
        this.settings = settings;
        this.paces = paces;
        this.plans = plans;
        this.clock = clock;
    }

    /** A student's keys in the order of their plan, else by fourths, with everything that was ever done in them. */
    @Transactional(readOnly = true)
    public KeyPathView keyPath(long studioId, long studentId) {
        Enrolled enrolled = students.enrolled(studioId, studentId);
        StudentView student = enrolled.student();
        Player player = enrolled.player();
        List<Assigned> all = assignments.all(studioId, studentId);
        List<Progress> works =
                List.copyOf(store.of(all, Map.of(studentId, player)).values());
        LocalDate today = LocalDate.now(clock);
        Optional<KeyPlanService.Order> order = plans.order(studioId, studentId, player);
        KeyPath path = KeyPath.of(
                order.map(KeyPlanService.Order::keys).map(KeyOrder::completed).orElse(KeyOrder.fourths()),
                works,
                today,
                settings.of(studioId).speech());
        return new KeyPathView(
                student.name(),
                student.instrument().name(),
                order.map(KeyPlanService.Order::words).orElse("by fourths"),
                order.map(one -> one.now().id()).orElse(null),
                KeyPath.MOST_RINGS,
                path.stones().stream().map(stone -> stone(stone, today)).toList());
    }

    private static StoneView stone(KeyPath.Stone stone, LocalDate today) {
        return new StoneView(
                stone.tonic().id(),
                stone.rings(),
                stone.forms().stream().anyMatch(form -> form.isFading(today)),
                stone.forms().stream().map(form -> form(form, today)).toList());
    }

    private static FormView form(KeyPath.FormProgress form, LocalDate today) {
        return new FormView(
                form.key().id(),
                form.key().toString(),
                form.key().form().name(),
                form.rings(),
                form.takes(),
                form.clean(),
                form.bestBpm().map(Bpm::value).orElse(null),
                form.bestNotesPerSecond().map(Rounded::of).orElse(null),
                form.lastDay().orElse(null),
                form.judgement().kind(),
                form.judgement().sentence(),
                form.isFading(today)
                        ? form.reviews().map(reviews -> reviews.fading(today)).orElse(null)
                        : null,
                SlipTally.of(form.key(), form.slips()).sentences());
    }

    /** Whether a piece goes through a key at all; which keys of a walk have been reached, the path says. */
    private static boolean isMet(Assigned one, Player player, String key) {
        Key first = Passage.writtenKey(one.step(), player);
        return Passage.writtenKeys(one.step(), first).stream()
                .anyMatch(met -> met.id().equals(key));
    }

    /** Which keys of a work's walk are that one, from 0. */
    private static Set<Integer> stations(Work work, String key) {
        List<Key> keys = Passage.stationKeys(work.given().step(), work.key());
        return IntStream.range(0, keys.size())
                .filter(i -> keys.get(i).id().equals(key))
                .boxed()
                .collect(Collectors.toSet());
    }

    /** The key of that id among those of a work. */
    private static Key met(Work work, String id) {
        return Passage.writtenKeys(work.given().step(), work.key()).stream()
                .filter(key -> key.id().equals(id))
                .findFirst()
                .orElse(work.key());
    }

    /** Students by keys: how far each is in each. */
    @Transactional(readOnly = true)
    public KeyGrid grid(long studioId, int page) {
        PageOf<StudentView> onPage = students.list(studioId, Archive.ACTIVE, page);
        List<Long> ids = onPage.items().stream().map(StudentView::id).toList();
        Map<Long, Player> players = students.players(studioId, ids);
        List<Assigned> all = assignments.allOf(studioId, ids);
        Map<Long, Progress> progress = store.of(all, players);
        Map<Long, List<Progress>> byStudent = all.stream()
                .collect(Collectors.groupingBy(
                        Assigned::studentId, Collectors.mapping(one -> progress.get(one.id()), Collectors.toList())));
        LocalDate today = LocalDate.now(clock);
        Map<Long, LastTake> last = practice.last(studioId, ids);
        List<NoteName> order = KeyOrder.fourths();
        Speech speech = settings.of(studioId).speech();
        List<GridRow> lines = onPage.items().stream()
                .map(student -> new GridRow(
                        student.id(),
                        student.name(),
                        student.instrument().name(),
                        LastTakeView.of(last.get(student.id()), today),
                        KeyPath.of(order, byStudent.getOrDefault(student.id(), List.of()), today, speech)
                                .stones()
                                .stream()
                                .map(stone -> cell(stone, today))
                                .toList()))
                .toList();
        return new KeyGrid(
                order.stream().map(NoteName::id).toList(),
                KeyPath.MOST_RINGS,
                lines,
                onPage.page(),
                onPage.pages(),
                onPage.total());
    }

    private static GridCell cell(KeyPath.Stone stone, LocalDate today) {
        return new GridCell(
                stone.rings(),
                stone.forms().size(),
                stone.forms().stream().anyMatch(form -> form.isFading(today)),
                stone.forms().stream()
                        .map(form -> form.key() + ": " + form.judgement().sentence())
                        .toList());
    }

    /**
     * How it came about in one key: day by day, over everything that was given in it.
     *
     * @param key the id of the key, as the key path gives it
     */
    @Transactional(readOnly = true)
    public KeyHistory history(long studioId, long studentId, String key) {
        Player player = students.player(studioId, studentId);
        LocalDate today = LocalDate.now(clock);
        List<Assigned> all = assignments.all(studioId, studentId);
        List<Assigned> inKey =
                all.stream().filter(one -> isMet(one, player, key)).toList();
        if (inKey.isEmpty()) throw Problems.notFound("key");
        List<Assigned> before = all.stream()
                .filter(one -> one.id() < inKey.getFirst().id() && !isMet(one, player, key))
                .toList();
        Map<Long, Work> works = practice.works(inKey, player);
        Map<LocalDate, Day> days = new TreeMap<>();
        List<Take> takes = new ArrayList<>();
        for (Work work : works.values()) {
            Set<Integer> stations = stations(work, key);
            for (Take take : work.takes()) {
                double rate = work.notesPerSecond(take);
                days.merge(take.day(), Day.of(take, rate), Day::plus);
                takes.add(take.inStations(stations));
            }
        }
        Speech speech = settings.of(studioId).speech();
        Pace.Seen studio = paces.seen(studioId);
        return new KeyHistory(
                key,
                days.entrySet().stream()
                        .map(day -> new HistoryDay(
                                day.getKey(),
                                Math.toIntExact(ChronoUnit.DAYS.between(day.getKey(), today)),
                                day.getValue().takes(),
                                day.getValue().clean(),
                                day.getValue().best() == 0
                                        ? null
                                        : Rounded.of(day.getValue().best())))
                        .toList(),
                SlipTrend.of(met(works.values().iterator().next(), key), takes, today)
                        .sentences(),
                FreshInKeys.since(
                        before.stream().map(Assigned::now).toList(),
                        inKey.getFirst().now(),
                        player),
                inKey.stream()
                        .map(one -> piece(one, Found.in(works, one.id()), studio, today, speech))
                        .toList());
    }

    private static HistoryPiece piece(Assigned assigned, Work work, Pace.Seen studio, LocalDate today, Speech speech) {
        Judgement judgement = Judgement.of(work, today, speech);
        Optional<Forecast> forecast =
                assigned.goal().map(goal -> Progress.of(work).forecast(goal, studio, assigned.schedule(), today));
        return new HistoryPiece(
                assigned.id(),
                assigned.title(),
                judgement.sentence(),
                forecast.map(Forecast::sentence).orElse(null),
                assigned.goal().map(goal -> Rounded.of(goal.notesPerSecond())).orElse(null));
    }

    /** A day of one key. */
    private record Day(int takes, int clean, double best) {
        static Day of(Take take, double rate) {
            return new Day(1, take.isClean() ? 1 : 0, take.isClean() ? rate : 0);
        }

        Day plus(Day other) {
            return new Day(takes + other.takes, clean + other.clean, Math.max(best, other.best));
        }
    }
}
