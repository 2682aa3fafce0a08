package pebblestep.app.demo;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Profile;
import pebblestep.app.accounts.AccountService;
import pebblestep.app.accounts.DemoDoor;
import pebblestep.app.accounts.SignUp;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.assignments.AssignmentViews.AssignmentForm;
import pebblestep.app.assignments.AssignmentViews.AssignmentView;
import pebblestep.app.assignments.AssignmentViews.GoalForm;
import pebblestep.app.bench.RoutineService;
import pebblestep.app.bench.RoutineViews.RoutineForm;
import pebblestep.app.bench.RoutineViews.RoutineStep;
import pebblestep.app.bench.RoutineViews.RoutineView;
import pebblestep.app.bench.StepViews.StepView;
import pebblestep.app.demo.DemoPlan.Piece;
import pebblestep.app.demo.DemoPlan.Player;
import pebblestep.app.goals.GoalService;
import pebblestep.app.goals.GoalViews.RequiredForm;
import pebblestep.app.keyplans.KeyPlanService;
import pebblestep.app.keyplans.KeyPlanViews.KeyPlanForm;
import pebblestep.app.lessons.LessonNotes;
import pebblestep.app.lessons.LessonViews.NoteForm;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.platform.Teacher;
import pebblestep.app.practice.PracticeService;
import pebblestep.app.practice.PracticeViews.TakeForm;
import pebblestep.app.practice.PracticeViews.WordForm;
import pebblestep.app.practice.TakeOutcome;
import pebblestep.app.practice.WordService;
import pebblestep.app.quiz.QuizService;
import pebblestep.app.students.StudentService;
import pebblestep.app.students.StudentViews.StudentForm;
import pebblestep.app.students.StudentViews.StudentView;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Attempt;
import pebblestep.core.climb.Position;
import pebblestep.core.climb.Standing;
import pebblestep.core.line.Extent;
import pebblestep.core.passage.Material;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.PassageNote;
import pebblestep.core.passage.Step;
import pebblestep.core.practice.SlipKind;
import pebblestep.core.practice.Slipped;
import pebblestep.core.rhythm.Bpm;
import pebblestep.exchange.ClimbDocuments;
import pebblestep.exchange.ClimbDocuments.PlayedPart;
import pebblestep.exchange.SlippedDocument;
import pebblestep.exchange.StepDocuments;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Fills the demo studio, afresh at each start: the plan's students practise for six weeks before today, as students do.
 * The same day always gives the same studio.
 */
@Configuration
@Profile("demo")
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
    private final Random random = new Random(SEED);

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
        this.clock = clock;
    }

    /** Makes the studio, and tells how to come in. */
    @Bean
    DemoDoor demoDoor(AccountService accounts) {
        Teacher teacher =
                accounts.signUp(new SignUp(DemoPlan.STUDIO, DemoPlan.TEACHER, DemoPlan.EMAIL, DemoPlan.PASSWORD));
        StudentView first = null;
        for (Player player : DemoPlan.PLAYERS) {
            StudentView student = enrol(teacher.studioId(), player);
            if (first == null) first = student;
        }
        return new DemoDoor(DemoPlan.EMAIL, DemoPlan.PASSWORD, first.name(), first.practicePath());
    }

    private StudentView enrol(long studioId, Player player) {
        StudentView student = students.add(studioId, form(player));
        PracticeVisitor visitor = new PracticeVisitor(student.id(), studioId);
        LocalDate today = LocalDate.now(clock);
        List<TakeForm> takes = new ArrayList<>();
        pebblestep.core.passage.Player reader = students.player(studioId, student.id());
        RoutineView routine = routines.add(
                studioId,
                new RoutineForm(
                        player.name().split(" ")[0] + "’s scales",
                        null,
                        player.pieces().stream()
                                .map(piece -> new RoutineStep(null, document(piece), climb(piece)))
                                .toList()));
        for (int i = 0; i < player.pieces().size(); i++) {
            Piece piece = player.pieces().get(i);
            StepView step = routine.steps().get(i);
            LocalDate first = today.minusDays(piece.firstDay());
            AssignmentView assignment = assignments.assign(
                    studioId,
                    new AssignmentForm(
                            step.id(),
                            student.id(),
                            first,
                            first.plusDays(piece.days()),
                            null,
                            piece.minutes(),
                            null,
                            goal(piece, today)));
            takes.addAll(practised(studioId, assignment, piece, player.daysAWeek(), reader, today));
        }
        practice.logAll(visitor, takes);
        beside(studioId, student, player, routine, today);
        if (!player.word().isEmpty()) {
            OffsetDateTime said = time(today.minusDays(1));
            words.say(visitor, new WordForm(new UUID(random.nextLong(), random.nextLong()), player.word(), said));
        }
        return student;
    }

    /** What belongs to a student beside their pieces: lesson notes, required scales, a key plan, the quiz. */
    private void beside(long studioId, StudentView student, Player player, RoutineView routine, LocalDate today) {
        for (String[] cells : rows(DemoPlan.LESSONS.getOrDefault(player.name(), ""))) {
            notes.add(
                    studioId,
                    student.id(),
                    new NoteForm(
                            today.minusDays(Long.parseLong(cells[0])),
                            cells[1],
                            cells.length > 2 ? cells[2] : "",
                            null));
        }
        for (String[] cells : rows(DemoPlan.REQUIRED.getOrDefault(player.name(), ""))) {
            goals.add(
                    studioId,
                    student.id(),
                    new RequiredForm(
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
                    new RoutineForm(
                            cells[1], null, List.of(new RoutineStep(null, document, json.valueToTree(step.climb())))));
            plans.give(
                    studioId,
                    new KeyPlanForm(
                            alone.id(),
                            List.of(student.id()),
                            cells[2],
                            cells[3],
                            null,
                            false,
                            "written",
                            cells[4],
                            cells[5],
                            today.minusDays(Long.parseLong(cells[6])),
                            null,
                            4));
        }
        if (DemoPlan.QUIZ.contains(player.name())) quiz.give(studioId, student.id(), true);
    }

    private static List<String[]> rows(String text) {
        return text.lines()
                .map(line -> Arrays.stream(line.split("\\|")).map(String::strip).toArray(String[]::new))
                .toList();
    }

    /** The takes of one piece: most days a handful, cleaner as the days go by, harder on higher rungs. */
    private List<TakeForm> practised(
            long studioId,
            AssignmentView assignment,
            Piece piece,
            double daysAWeek,
            pebblestep.core.passage.Player player,
            LocalDate today) {
        Ascent ascent = assignments.get(studioId, assignment.id()).given();
        List<Position> walk = ascent.walk();
        List<Attempt> attempts = new ArrayList<>();
        List<TakeForm> takes = new ArrayList<>();
        LocalDate last = min(assignment.endsOn(), today.minusDays(1L + piece.restDays()));
        for (LocalDate day = assignment.startsOn(); !day.isAfter(last); day = day.plusDays(1)) {
            if (random.nextDouble() > daysAWeek / 7) continue;
            OffsetDateTime at = time(day);
            int count = 3 + random.nextInt(5);
            for (int i = 0; i < count; i++) {
                Standing standing = Standing.after(attempts, ascent, day);
                if (standing.topPassed() && i > 1) break;
                double practisedDays = ChronoUnit.DAYS.between(assignment.startsOn(), day);
                double climbed = Math.max(0, walk.indexOf(standing.at()));
                double chance = piece.ease() + 0.035 * practisedDays - 1.9 * climbed / walk.size();
                boolean clean = random.nextDouble() < 1 / (1 + Math.exp(-1.6 * chance - 0.4));
                TakeOutcome outcome =
                        clean ? TakeOutcome.CLEAN : random.nextInt(4) == 0 ? TakeOutcome.STOPPED : TakeOutcome.SLIPS;
                Bpm bpm = ascent.bpm(standing.at());
                int seconds = 25 + random.nextInt(60);
                List<PlayedPart> played = ClimbDocuments.played(ascent, standing.at());
                attempts.add(new Attempt(bpm, ClimbDocuments.played(played), clean, day));
                takes.add(new TakeForm(
                        new UUID(random.nextLong(), random.nextLong()),
                        assignment.id(),
                        bpm.value(),
                        played,
                        outcome,
                        clean || random.nextInt(5) > 0 ? "" : DemoPlan.NOTES.get(random.nextInt(DemoPlan.NOTES.size())),
                        at,
                        clean ? null : slipped(ascent.at(standing.at()), player),
                        seconds));
                at = at.plusSeconds(seconds + 10L);
            }
        }
        return takes;
    }

    /** What slipped, as students say it: a kind or two, and now and then an altered note. */
    private SlippedDocument slipped(Step step, pebblestep.core.passage.Player player) {
        List<SlipKind> kinds = new ArrayList<>();
        kinds.add(SlipKind.values()[(int) (SlipKind.values().length * Math.pow(random.nextDouble(), 1.7))]);
        if (random.nextInt(4) == 0) kinds.add(SlipKind.TENSION);
        List<PassageNote> altered = Passage.of(step, player).notes().stream()
                .filter(note -> note.written().name().alteration() != 0)
                .toList();
        List<Slipped.Note> notes = new ArrayList<>();
        if (kinds.get(0) == SlipKind.NOTES && !altered.isEmpty()) {
            PassageNote note = altered.get((int) (altered.size() * Math.pow(random.nextDouble(), 2)));
            notes.add(new Slipped.Note(note.index(), note.written()));
        }
        return SlippedDocument.of(new Slipped(kinds, notes));
    }

    private StudentForm form(Player player) {
        String[] lesson = player.lesson().split(" ");
        LocalDate day = LocalDate.now(clock).plusDays(Long.parseLong(lesson[0]));
        return new StudentForm(
                player.name(),
                player.instrument(),
                player.level(),
                null,
                null,
                DemoPlan.MINUTES_A_DAY,
                day.getDayOfWeek().getValue(),
                LocalTime.parse(lesson[1]),
                null);
    }

    private OffsetDateTime time(LocalDate day) {
        LocalTime afternoon = LocalTime.of(15, 30).plusMinutes(random.nextInt(220));
        return day.atTime(afternoon).atZone(ZoneId.systemDefault()).toOffsetDateTime();
    }

    private static LocalDate min(LocalDate a, LocalDate b) {
        return a.isBefore(b) ? a : b;
    }

    private static @Nullable GoalForm goal(Piece piece, LocalDate today) {
        if (piece.goal().isEmpty()) return null;
        String[] goal = piece.goal().split(" ");
        return new GoalForm(new BigDecimal(goal[0]), today.plusDays(Long.parseLong(goal[1])));
    }

    /** The climb of a piece: its tempos, and the other axes that its plan names, such as {@code value 1/4,1/8}. */
    private JsonNode climb(Piece piece) {
        List<String> words = List.of(("in-turn " + piece.climb()).strip().split(" "));
        boolean named = words.size() > 1;
        List<String> axes = new ArrayList<>();
        axes.add("""
                {"axis":"tempo","from":%d,"to":%d,"scheme":{"type":"fixed","by":%d}}"""
                .formatted(piece.from(), piece.to(), piece.by()));
        for (int i = 2; i + 1 < words.size(); i += 2) axes.add(axis(words.get(i), words.get(i + 1)));
        return json.readTree(
                "{\"policy\":\"%s\",\"axes\":[%s]}".formatted(words.get(named ? 1 : 0), String.join(",", axes)));
    }

    private static String axis(String field, String rungs) {
        boolean octaves = field.equals("octaves");
        String each = octaves ? "{\"octaves\":%s}" : "{\"figure\":[\"%s\"]}";
        List<String> said = Arrays.stream(rungs.split(",")).map(each::formatted).toList();
        return "{\"axis\":\"%s\",\"rungs\":[%s]}".formatted(octaves ? "span" : "value", String.join(",", said));
    }

    private JsonNode document(Piece piece) {
        String[] line = (piece.extent() + " straight").split(" ");
        int far = Integer.parseInt(line[0].substring(1));
        Extent extent = line[0].startsWith("o") ? Extent.octaves(far) : Extent.span(far);
        return json.readTree(
                """
                {"format":"pebble-step/1","title":"%s",
                 "key":{"tonic":"%s","form":"%s","named":"concert"},
                 "line":%s,
                 "rhythm":{"meter":"%s","figure":["%s"],"place":"%s"},
                 "tempo":{"beat":"%s","bpm":%d},"metronome":{%s}}"""
                        .formatted(
                                piece.title(),
                                piece.tonic(),
                                piece.form(),
                                json.writeValueAsString(StepDocuments.lineOf(
                                        Material.pattern(line[1]).line().withExtent(extent))),
                                piece.meter(),
                                piece.value(),
                                piece.place(),
                                piece.meter().equals("6/8") ? "3/8" : "1/4",
                                piece.from(),
                                piece.sound()));
    }
}
