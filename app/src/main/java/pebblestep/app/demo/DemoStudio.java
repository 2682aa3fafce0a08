package pebblestep.app.demo;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.env.Environment;
import pebblestep.app.accounts.AccountService;
import pebblestep.app.accounts.DemoDoor;
import pebblestep.app.accounts.SignUp;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.assignments.AssignmentViews.AssignmentRequest;
import pebblestep.app.assignments.AssignmentViews.AssignmentView;
import pebblestep.app.assignments.AssignmentViews.GoalRequest;
import pebblestep.app.bench.RoutineService;
import pebblestep.app.bench.RoutineViews.RoutineRequest;
import pebblestep.app.bench.RoutineViews.RoutineStep;
import pebblestep.app.bench.RoutineViews.RoutineView;
import pebblestep.app.bench.StepViews.StepView;
import pebblestep.app.demo.DemoPlan.Given;
import pebblestep.app.demo.DemoPlan.Player;
import pebblestep.app.goals.GoalService;
import pebblestep.app.goals.GoalViews.RequiredRequest;
import pebblestep.app.keyplans.KeyPlanService;
import pebblestep.app.keyplans.KeyPlanViews.KeyPlanRequest;
import pebblestep.app.lessons.LessonNotes;
import pebblestep.app.lessons.LessonViews.NoteRequest;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.platform.Teacher;
import pebblestep.app.practice.PracticeService;
import pebblestep.app.practice.PracticeViews.TakeRequest;
import pebblestep.app.practice.PracticeViews.WordRequest;
import pebblestep.app.practice.WordService;
import pebblestep.app.quiz.QuizService;
import pebblestep.app.students.StudentService;
import pebblestep.app.students.StudentViews.StudentRequest;
import pebblestep.app.students.StudentViews.StudentView;
import pebblestep.core.Identified;
import pebblestep.core.climb.Ascent;
import pebblestep.core.instrument.Level;
import pebblestep.core.keyplan.FormSet;
import pebblestep.core.keyplan.KeyPlan.Pace;
import pebblestep.core.passage.Step.Named;
import pebblestep.core.scale.KeyOrder;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Fills the demo studio, afresh at each start: the plan's students practise for six weeks before today, as students do.
 * The same day always gives the same studio.
 */
@Configuration
class DemoStudio {
    private static final long SEED = 20_260_302L;

    private final StudentService students;
    private final RoutineService routines;
    private final AssignmentService assignments;
    private final PracticeService practice;
    private final WordService words;
    private final LessonNotes notes;
    private final GoalService goals;
    private final KeyPlanService plans;
    private final QuizService quiz;
    private final JsonMapper json;
    private final Clock clock;
    private final DemoDocuments documents;
    private final MadeUpPractice practised = new MadeUpPractice(SEED);

    DemoStudio(
            StudentService students,
            RoutineService routines,
            AssignmentService assignments,
            PracticeService practice,
            WordService words,
            LessonNotes notes,
            GoalService goals,
            KeyPlanService plans,
            QuizService quiz,
            JsonMapper json,
            Clock clock) {
        this.students = students;
        this.routines = routines;
        this.assignments = assignments;
        this.practice = practice;
        this.words = words;
        this.notes = notes;
        this.goals = goals;
        this.plans = plans;
        this.quiz = quiz;
        this.json = json;
        this.documents = new DemoDocuments(json);
        this.clock = clock;
    }

    /**
     * Makes the studio, and tells how to come in; null where this is no demo. Asked at the start rather than by a condition on the bean:
     * conditions are worked out when the application is built.
     */
    @Bean
    @Nullable
    DemoDoor demoDoor(AccountService accounts, Environment environment) {
        if (!environment.matchesProfiles("demo")) return null;
        Teacher teacher =
                accounts.signUp(new SignUp(DemoPlan.STUDIO, DemoPlan.TEACHER, DemoPlan.EMAIL, DemoPlan.PASSWORD, null));
        List<StudentView> enrolled = DemoPlan.PLAYERS.stream()
                .map(player -> enrol(teacher.studioId(), player))
                .toList();
        StudentView first = enrolled.getFirst();
        return new DemoDoor(DemoPlan.EMAIL, DemoPlan.PASSWORD, first.name(), first.practicePath());
    }

    private StudentView enrol(long studioId, Player player) {
        StudentView student = students.add(studioId, form(player));
        PracticeVisitor visitor = new PracticeVisitor(student.id(), studioId);
        LocalDate today = LocalDate.now(clock);
        List<TakeRequest> takes = new ArrayList<>();
        pebblestep.core.passage.Player reader = students.player(studioId, student.id());
        RoutineView routine = routines.add(
                studioId,
                new RoutineRequest(
                        player.name().split(" ")[0] + "’s scales",
                        null,
                        player.pieces().stream()
                                .map(piece -> new RoutineStep(null, documents.document(piece), documents.climb(piece)))
                                .toList()));
        for (int i = 0; i < player.pieces().size(); i++) {
            Given piece = player.pieces().get(i);
            StepView step = routine.steps().get(i);
            LocalDate first = today.minusDays(piece.firstDay());
            AssignmentView assignment = assignments.assign(
                    studioId,
                    new AssignmentRequest(
                            step.id(),
                            student.id(),
                            first,
                            first.plusDays(piece.days()),
                            null,
                            piece.minutes(),
                            null,
                            goal(piece, today)));
            Ascent ascent = assignments.get(studioId, assignment.id()).given();
            // What is played with others has chances of its own, so that it moves nothing of what was there before.
            MadeUpPractice chances = piece.beside().isEmpty()
                    ? practised
                    : new MadeUpPractice(SEED + piece.title().hashCode());
            takes.addAll(chances.of(assignment, ascent, piece, player.daysAWeek(), reader, today));
        }
        practice.logAll(visitor, takes);
        beside(studioId, student, player, routine, today);
        if (!player.word().isEmpty()) {
            OffsetDateTime said = practised.time(today.minusDays(1));
            words.say(visitor, new WordRequest(practised.id(), player.word(), said));
        }
        return student;
    }

    /** What belongs to a student beside their pieces: lesson notes, required scales, a key plan, the quiz. */
    private void beside(long studioId, StudentView student, Player player, RoutineView routine, LocalDate today) {
        for (String[] cells : rows(DemoPlan.LESSONS.getOrDefault(player.name(), ""))) {
            notes.add(
                    studioId,
                    student.id(),
                    new NoteRequest(
                            today.minusDays(Long.parseLong(cells[0])),
                            cells[1],
                            cells.length > 2 ? cells[2] : "",
                            null));
        }
        for (String[] cells : rows(DemoPlan.REQUIRED.getOrDefault(player.name(), ""))) {
            goals.add(
                    studioId,
                    student.id(),
                    new RequiredRequest(
                            cells[0],
                            cells[1],
                            Integer.valueOf(cells[2]),
                            cells[3],
                            new BigDecimal(cells[4]),
                            today.plusDays(Long.parseLong(cells[5]))));
        }
        for (String[] cells : rows(DemoPlan.KEY_PLANS.getOrDefault(player.name(), ""))) {
            StepView step = routine.steps().stream()
                    .filter(one -> one.title().equals(cells[0]))
                    .findFirst()
                    .orElseThrow();
            ObjectNode document = json.valueToTree(step.document());
            document.put("title", cells[1]);
            RoutineView alone = routines.add(
                    studioId,
                    new RoutineRequest(
                            cells[1], null, List.of(new RoutineStep(null, document, json.valueToTree(step.climb())))));
            plans.give(
                    studioId,
                    new KeyPlanRequest(
                            alone.id(),
                            List.of(student.id()),
                            Identified.of(KeyOrder.class, cells[2]),
                            cells[3],
                            null,
                            false,
                            Named.WRITTEN,
                            Identified.of(FormSet.class, cells[4]),
                            Identified.of(Pace.class, cells[5]),
                            today.minusDays(Long.parseLong(cells[6])),
                            null,
                            4));
        }
        if (DemoPlan.QUIZ.contains(player.name())) quiz.give(studioId, student.id());
    }

    private static List<String[]> rows(String text) {
        return text.lines()
                .map(line -> Arrays.stream(line.split("\\|")).map(String::strip).toArray(String[]::new))
                .toList();
    }

    private StudentRequest form(Player player) {
        String[] lesson = player.lesson().split(" ");
        LocalDate day = LocalDate.now(clock).plusDays(Long.parseLong(lesson[0]));
        return new StudentRequest(
                player.name(),
                player.instrument(),
                Level.of(player.level()),
                null,
                null,
                DemoPlan.MINUTES_A_DAY,
                day.getDayOfWeek().getValue(),
                LocalTime.parse(lesson[1]),
                null,
                DemoPlan.CLASSES.get(player.name()),
                null,
                null);
    }

    private static @Nullable GoalRequest goal(Given piece, LocalDate today) {
        if (piece.goal().isEmpty()) return null;
        String[] goal = piece.goal().split(" ");
        return new GoalRequest(new BigDecimal(goal[0]), today.plusDays(Long.parseLong(goal[1])));
    }
}
