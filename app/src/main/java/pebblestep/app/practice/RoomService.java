package pebblestep.app.practice;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.assignments.Assigned;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.platform.Found;
import pebblestep.app.platform.PebbleProperties;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.platform.Problems;
import pebblestep.app.practice.PracticeViews.AheadView;
import pebblestep.app.practice.PracticeViews.LapPart;
import pebblestep.app.practice.PracticeViews.LapsView;
import pebblestep.app.practice.PracticeViews.LatencyTest;
import pebblestep.app.practice.PracticeViews.TakeRequest;
import pebblestep.app.practice.PracticeViews.Today;
import pebblestep.app.practice.PracticeViews.TodayItem;
import pebblestep.app.practice.PracticeViews.Week;
import pebblestep.app.students.StudentService;
import pebblestep.app.students.StudentViews.StudentView;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Position;
import pebblestep.core.climb.Standing;
import pebblestep.core.metronome.Laps;
import pebblestep.core.minutes.Trim;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.practice.Cautions;
import pebblestep.core.practice.Latency;
import pebblestep.core.practice.Progress;
import pebblestep.core.practice.Purpose;
import pebblestep.core.practice.TodayList;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.Key;
import pebblestep.documents.PassageDocument;
import pebblestep.documents.PassageDocument.Reader;
import pebblestep.documents.Workings;

/** The practice room: what there is to practise today and this week, and how it looks and sounds. */
@Service
class RoomService {
    private static final int DAYS = 7;

    /** A day may lie that far beside the studio's own. */
    private static final int MOST_DAYS_BESIDE = 2;

    private static final List<LapsView> RUNS = Stream.of(Laps.Voice.values())
            .flatMap(voice -> IntStream.rangeClosed(0, Laps.MOST_EVERY).mapToObj(every -> Laps.of(voice, every)))
            .map(laps -> new LapsView(
                    laps.voice(),
                    laps.every(),
                    laps.laps().stream()
                            .map(lap -> new LapPart(lap.rung(), lap.voice(), lap.student()))
                            .toList()))
            .toList();

    private static final LatencyTest LATENCY_TEST =
            new LatencyTest(Latency.clicks(), Latency.CLICKS * Latency.INTERVAL_MILLIS);

    private final PracticeService practice;
    private final ProgressStore progress;
    private final TakeRepository takes;
    private final AssignmentService assignments;
    private final StudentService students;
    private final SettingsService settings;
    private final PebbleProperties properties;
    private final TransactionTemplate writing;
    private final Clock clock;

    RoomService(
            PracticeService practice,
            ProgressStore progress,
            TakeRepository takes,
            AssignmentService assignments,
            StudentService students,
            SettingsService settings,
            PebbleProperties properties,
            PlatformTransactionManager transactions,
            Clock clock) {
        this.writing = new TransactionTemplate(transactions);
        this.practice = practice;
        this.progress = progress;
        this.takes = takes;
        this.assignments = assignments;
        this.students = students;
        this.settings = settings;
        this.properties = properties;
        this.clock = clock;
    }

    /** What a student has to practise today. */
    @Transactional(readOnly = true)
    public Today today(PracticeVisitor visitor) {
        Room room = room(visitor);
        LocalDate day = LocalDate.now(clock);
        return room.list(
                day,
                works(assignments.begun(visitor.studioId(), List.of(visitor.studentId()), day), room),
                seconds(visitor, day));
    }

    /** What a student needs for a week without the studio. */
    @Transactional(readOnly = true)
    public Week week(PracticeVisitor visitor) {
        Room room = room(visitor);
        LocalDate today = LocalDate.now(clock);
        List<RoomWorkings> works = works(
                assignments.begun(visitor.studioId(), List.of(visitor.studentId()), today.plusDays(DAYS - 1L)), room);
        Map<Long, Long> seconds = seconds(visitor, today);
        List<Today> days = IntStream.range(0, DAYS)
                .mapToObj(today::plusDays)
                .map(day -> room.list(day, works, day.equals(today) ? seconds : Map.of()))
                .toList();
        Set<Long> listed = days.stream()
                .flatMap(day -> day.items().stream())
                .map(TodayItem::assignmentId)
                .collect(Collectors.toSet());
        List<AheadView> ahead = works.stream()
                .filter(work -> listed.contains(work.assigned().id()))
                .map(work -> work.ahead(today))
                .toList();
        return new Week(days, ahead, RUNS, LATENCY_TEST, properties.demo());
    }

    /** Whose room it is. */
    private record Room(String name, StudentView student, Player player, Speech speech) {
        /** The list of a day: what of this work is practised on it, in order and within the student's minutes. */
        Today list(LocalDate day, List<RoomWorkings> works, Map<Long, Long> seconds) {
            Map<Long, RoomWorkings> begun = works.stream()
                    .filter(work -> !work.assigned().schedule().from().isAfter(day))
                    .collect(Collectors.toMap(work -> work.assigned().id(), work -> work));
            TodayList list = TodayList.of(
                    begun.values().stream().map(work -> work.piece(day)).toList(), minutesOf(student), day);
            return new Today(
                    name,
                    student.name(),
                    student.instrument().name(),
                    day,
                    list.lines().stream()
                            .map(line -> Found.in(begun, line.piece())
                                    .item(day, seconds.getOrDefault(line.piece(), 0L), line))
                            .toList(),
                    list.trims().stream().map(Trim::sentence).toList(),
                    RoomWorkings.cautions(Cautions.of(player)),
                    Cautions.LONG_MINUTES);
        }
    }

    private static @Nullable Duration minutesOf(StudentView student) {
        Integer minutes = student.minutesADay();
        return minutes == null ? null : Duration.ofMinutes(minutes);
    }

    private Room room(PracticeVisitor visitor) {
        StudentService.Enrolled enrolled = students.enrolled(visitor.studioId(), visitor.studentId());
        return new Room(
                students.room(visitor.studentId()),
                enrolled.student(),
                enrolled.player(),
                settings.of(visitor.studioId()).speech());
    }

    private Player player(PracticeVisitor visitor) {
        return students.player(visitor.studioId(), visitor.studentId());
    }

    private List<RoomWorkings> works(Collection<Assigned> assigned, Room room) {
        Map<Long, Progress> works = progress.of(assigned, Map.of(room.student.id(), room.player));
        return assigned.stream()
                .map(one -> new RoomWorkings(one, Found.in(works, one.id()), room.player, room.speech))
                .toList();
    }

    private Map<Long, Long> seconds(PracticeVisitor visitor, LocalDate day) {
        return takes.secondsOn(visitor.studentId(), early(), day).stream()
                .collect(Collectors.toMap(row -> (Long) row[0], row -> (Long) row[1]));
    }

    private Instant early() {
        return clock.instant().minus(MOST_DAYS_BESIDE, ChronoUnit.DAYS);
    }

    /**
     * The passage of an assignment with everything that is drawn and sounded.
     *
     * @param at the rung; where the student stands without one
     * @param bpm another tempo than the rung's
     */
    @Transactional(readOnly = true)
    public PassageDocument passage(
            PracticeVisitor visitor, long assignmentId, @Nullable String at, @Nullable String bpm) {
        Player player = player(visitor);
        Assigned assigned = practice.find(visitor, assignmentId);
        Step there = step(assigned, player, at);
        Step step = bpm == null ? there : there.withTempo(there.tempo().at(Bpm.parse(bpm)));
        Optional<Key> before =
                assignments.before(visitor.studioId(), assigned).map(last -> Passage.writtenKey(last, player));
        return Workings.of(
                step,
                new Reader(
                        Optional.of(player),
                        before,
                        settings.of(visitor.studioId()).speech()),
                EnumSet.complementOf(EnumSet.of(Workings.Extra.NEAR)));
    }

    /** The passage of a rung at a tempo, to hold taps against. */
    @Transactional(readOnly = true)
    public Passage tapped(PracticeVisitor visitor, long assignmentId, @Nullable String at, Bpm bpm) {
        Player player = player(visitor);
        Step there = step(practice.find(visitor, assignmentId), player, at);
        return Passage.of(there.withTempo(there.tempo().at(bpm)), player);
    }

    /** The step on a rung, or on the one that the student stands on. */
    private Step step(Assigned assigned, Player player, @Nullable String at) {
        Standing standing = progress.of(assigned, player).standing().on(LocalDate.now(clock));
        Ascent ascent = standing.ascent();
        return ascent.at(at == null ? standing.at() : Position.parse(at));
    }

    /** Stores a take once, however often it is sent, and answers with where the student stands after it. */
    public TodayItem log(PracticeVisitor visitor, TakeRequest form) {
        try {
            return writing.execute(status -> store(visitor, form));
        } catch (DataIntegrityViolationException e) {
            if (!practice.isStored(visitor, form.clientId())) throw e;
            // Sent twice at the same moment: the other one has stored it, which is all that matters.
            return writing.execute(status -> store(visitor, form));
        }
    }

    private TodayItem store(PracticeVisitor visitor, TakeRequest form) {
        Assigned assigned = practice.find(visitor, form.assignmentId());
        Room room = room(visitor);
        return after(assigned, room, practice.store(visitor, assigned, room.player, form));
    }

    /** Where the student stands with one piece, as the list shows it. */
    private TodayItem after(Assigned assigned, Room room, Progress progress) {
        LocalDate day = LocalDate.now(clock);
        RoomWorkings work = new RoomWorkings(assigned, progress, room.player, room.speech);
        TodayList.Row line = new TodayList.Row(
                assigned.id(), Purpose.LEARNING, work.load(day).repetitions(), "");
        return work.item(day, takes.secondsOf(assigned.id(), early(), day), line);
    }

    /** Refuses to go on where no made-up players are. */
    void requireSimulated() {
        if (!properties.demo()) throw Problems.notFound("made-up player");
    }
}
