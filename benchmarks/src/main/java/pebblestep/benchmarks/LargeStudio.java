package pebblestep.benchmarks;

import java.sql.Date;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import pebblestep.app.PebbleStep;
import pebblestep.app.accounts.AccountService;
import pebblestep.app.accounts.SignUp;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.assignments.AssignmentViews.AssignmentRequest;
import pebblestep.app.bench.RoutineService;
import pebblestep.app.bench.RoutineViews.RoutineRequest;
import pebblestep.app.bench.RoutineViews.RoutineStep;
import pebblestep.app.bench.StepService;
import pebblestep.app.bench.StepViews.StepView;
import pebblestep.app.practice.ProgressStore;
import pebblestep.app.students.StudentService;
import pebblestep.app.students.StudentViews.StudentRequest;
import pebblestep.core.climb.Ascent;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.practice.Outcome;
import pebblestep.core.practice.Progress;
import pebblestep.core.practice.Take;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.scale.KeyOrder;
import tools.jackson.databind.json.JsonMapper;

/**
 * Fills an empty database with a large made-up studio, to measure on: 200 students who practise as long as it takes to
 * make so many takes, at most five years. Each piece is learned rung by rung and then comes back for review. Ends when it
 * is done.
 */
@Component
public class LargeStudio implements ApplicationRunner {
    /** Who signs in to it. */
    static final String EMAIL = "many@wrenmouth.example";

    static final String PASSWORD = "low-tide-at-seven";

    private static final int STUDENTS = 200;
    private static final int OPEN = 5;
    private static final int MOST_DAYS = 1_825;
    private static final int DAYS_A_PIECE = 25;
    private static final int LEARNING_DAYS = 18;
    private static final int TAKES_A_DAY = 5;
    private static final int BATCH = 2_000;
    private static final double CLEAN = 0.82;
    private static final String[] INSTRUMENTS = {"oboe", "english-horn", "bassoon", "clarinet", "cello"};
    private static final String[] FORMS = {"major", "natural-minor", "harmonic-minor", "dorian", "melodic-minor"};
    private static final String INSERT =
            """
            insert into takes (studio_id, student_id, assignment_id, client_id, bpm, outcome, note, seconds,
              taken_at, taken_on, received_at)
            values (?, ?, ?, ?, ?, ?, '', ?, ?, ?, ?)""";

    private final AccountService accounts;
    private final StudentService students;
    private final RoutineService routines;
    private final StepService steps;
    private final AssignmentService assignments;
    private final ProgressStore progress;
    private final JdbcTemplate database;
    private final JsonMapper json;
    private final Clock clock;
    private final ConfigurableApplicationContext context;
    private final long wanted;
    private final Random random = new Random(7);
    private final List<Object[]> rows = new ArrayList<>();
    private long written;

    LargeStudio(
            AccountService accounts,
            StudentService students,
            RoutineService routines,
            StepService steps,
            AssignmentService assignments,
            ProgressStore progress,
            JdbcTemplate database,
            JsonMapper json,
            Clock clock,
            ConfigurableApplicationContext context,
            @Value("${pebble.fill.takes:2000000}") long wanted) {
        this.accounts = accounts;
        this.students = students;
        this.routines = routines;
        this.steps = steps;
        this.assignments = assignments;
        this.progress = progress;
        this.database = database;
        this.json = json;
        this.clock = clock;
        this.context = context;
        this.wanted = wanted;
    }

    /** Starts the application with this beside it; arguments as the application takes them. */
    public static void main(String[] arguments) {
        new SpringApplication(PebbleStep.class, LargeStudio.class).run(arguments);
    }

    @Override
    public void run(ApplicationArguments arguments) {
        long studio = accounts.signUp(new SignUp("The large estuary", "Teacher of many", EMAIL, PASSWORD, null))
                .studioId();
        List<StepView> material = material(studio);
        for (int i = 0; i < STUDENTS; i++) {
            long until = wanted * (i + 1) / STUDENTS;
            long student = students.add(studio, form(i)).id();
            practise(studio, student, material, i, until);
            if (i % 20 == 19) System.out.printf("%d students, %,d takes%n", i + 1, written);
        }
        System.out.printf("Filled: %d students, %,d takes.%n", STUDENTS, written);
        context.close();
    }

    private static StudentRequest form(int i) {
        return new StudentRequest(
                "Student %03d of the estuary".formatted(i),
                INSTRUMENTS[i % INSTRUMENTS.length],
                null,
                null,
                null,
                20,
                1 + i % 5,
                LocalTime.of(9 + i / 5 % 9, i % 4 * 15),
                null,
                null,
                null,
                null);
    }

    /** One step for each key and form, an octave in eighths. */
    private List<StepView> material(long studio) {
        List<RoutineStep> material = new ArrayList<>();
        for (String form : FORMS) {
            for (NoteName tonic : KeyOrder.fourths()) {
                String document =
                        """
                        {"format":"pebble-step/1","title":"%s %s","key":{"tonic":"%s","form":"%s","named":"written"},
                         "line":{"pattern":"straight","octaves":1},
                         "rhythm":{"meter":"4/4","figure":["1/8"],"place":"0"},"tempo":{"beat":"1/4","bpm":60}}"""
                                .formatted(tonic, form, tonic.id(), form);
                String climb =
                        "{\"axes\":[{\"axis\":\"tempo\",\"from\":60,\"to\":96,\"scheme\":{\"type\":\"fixed\",\"by\":6}}]}";
                material.add(new RoutineStep(null, json.readTree(document), json.readTree(climb)));
            }
        }
        return routines.add(studio, new RoutineRequest("All of it", null, material))
                .steps();
    }

    /** One student's pieces: the last ones are being learned, those before are known and come back. */
    private void practise(long studio, long student, List<StepView> material, int offset, long until) {
        LocalDate today = LocalDate.now(clock);
        long budget = until - written - rows.size();
        int pieces = pieces(budget);
        List<Long> given = new ArrayList<>();
        for (int piece = 0; piece < pieces; piece++) {
            long left = until - written - rows.size();
            int fromEnd = pieces - piece;
            LocalDate first = fromEnd <= OPEN
                    ? today.minusDays(fromEnd * 4L + 8)
                    : today.minusDays(Math.min(MOST_DAYS, fromEnd * (long) DAYS_A_PIECE));
            StepView step = material.get((offset * 7 + piece) % material.size());
            LocalDate last = fromEnd <= OPEN ? null : first.plusDays(LEARNING_DAYS + 10L);
            long id = assignments
                    .assign(studio, new AssignmentRequest(step.id(), student, first, last, null, 5, null, null))
                    .id();
            given.add(id);
            long most = fromEnd <= OPEN ? Math.max(1, left / fromEnd) : Math.max(1, left - fromEnd * 20L);
            practise(studio, student, id, steps.ascent(studio, step.id()), first, today, most);
        }
        // What is missing is played on top, clean and in the past.
        while (written + rows.size() < until) {
            long id = given.get(random.nextInt(given.size()));
            add(studio, student, id, Bpm.of(60), Outcome.CLEAN, today.minusDays(30 + random.nextInt(300)));
        }
        write();
        progress.rebuildAll(assignments.all(studio, student));
    }

    /** How many pieces it takes to make so many takes: learning each, and its reviews every 16 days since. */
    private static int pieces(long budget) {
        int pieces = OPEN;
        while (pieces < 4 * MOST_DAYS / DAYS_A_PIECE) {
            long days = Math.min(MOST_DAYS, (long) pieces * DAYS_A_PIECE);
            long takes = pieces * (long) LEARNING_DAYS * TAKES_A_DAY + pieces * days / 2 / 16;
            if (takes >= budget) return pieces;
            pieces++;
        }
        return pieces;
    }

    private void practise(
            long studio, long student, long id, Ascent ascent, LocalDate first, LocalDate today, long most) {
        Progress so = Progress.start(ascent.step().key(), ascent);
        long takes = 0;
        for (LocalDate day = first; day.isBefore(today) && takes < most; day = day.plusDays(1)) {
            LocalDate now = day;
            boolean known = so.reviews().isPresent();
            boolean due = so.reviews().filter(reviews -> reviews.isDue(now)).isPresent();
            boolean plays = known ? due : random.nextInt(7) > 1;
            int times = plays ? known ? 1 : TAKES_A_DAY : 0;
            for (int i = 0; i < times && takes < most; i++) {
                Outcome outcome = random.nextDouble() < CLEAN ? Outcome.CLEAN : Outcome.SLIPS;
                Bpm bpm = ascent.bpm(so.standing().on(day).at());
                so = so.then(new Take(bpm, outcome, day));
                add(studio, student, id, bpm, outcome, day);
                takes++;
            }
        }
    }

    private void add(long studio, long student, long id, Bpm bpm, Outcome outcome, LocalDate day) {
        Instant at = day.atTime(15, 0)
                .plusSeconds(rows.size() % 3_000 * 4L)
                .atZone(ZoneId.systemDefault())
                .toInstant();
        Timestamp moment = Timestamp.from(at);
        rows.add(new Object[] {
            studio,
            student,
            id,
            new UUID(random.nextLong(), random.nextLong()),
            bpm.value(),
            outcome.name(),
            30,
            moment,
            Date.valueOf(day),
            moment
        });
    }

    private void write() {
        for (int from = 0; from < rows.size(); from += BATCH) {
            database.batchUpdate(INSERT, rows.subList(from, Math.min(rows.size(), from + BATCH)));
        }
        written += rows.size();
        rows.clear();
    }
}
