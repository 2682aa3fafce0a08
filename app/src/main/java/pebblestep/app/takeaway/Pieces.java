package pebblestep.app.takeaway;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.assignments.Assigned;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.bench.RoutineService;
import pebblestep.app.bench.RoutineViews.RoutineView;
import pebblestep.app.keyplans.KeyPlanService;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.practice.ProgressStore;
import pebblestep.app.practice.RoomService;
import pebblestep.app.students.StudentService;
import pebblestep.app.takeaway.TakeAwayViews.TakeAwayRequest;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Standing;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.StepWords;
import pebblestep.core.rhythm.Speech;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.Fields;
import pebblestep.documents.StepDocuments;
import pebblestep.documents.practice.Today;
import pebblestep.exchange.ClimbJson;
import pebblestep.exchange.StepJson;
import tools.jackson.databind.JsonNode;

/** Finds what is to be taken away, within a studio. */
@Service
class Pieces {
    private final StudentService students;
    private final RoutineService routines;
    private final AssignmentService assignments;
    private final ProgressStore progress;
    private final SettingsService settings;
    private final KeyPlanService plans;
    private final RoomService rooms;
    private final Clock clock;

    Pieces(
            StudentService students,
            RoutineService routines,
            AssignmentService assignments,
            ProgressStore progress,
            SettingsService settings,
            KeyPlanService plans,
            RoomService rooms,
            Clock clock) {
        this.plans = plans;
        this.rooms = rooms;
        this.students = students;
        this.routines = routines;
        this.assignments = assignments;
        this.progress = progress;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * What was asked for.
     *
     * @param title what all of it is called
     * @param whose the student it is for, by name
     */
    record Asked(String title, Optional<String> whose, List<Piece> pieces, Speech speech, LocalDate day) {}

    /** What a request names; refuses none of it, and several at once. */
    @Transactional(readOnly = true)
    Asked asked(long studio, TakeAwayRequest request) {
        Boolean list = Boolean.TRUE.equals(request.list()) ? Boolean.TRUE : null;
        long named = Stream.of(request.step(), request.routine(), request.assignment(), request.plan(), list)
                .filter(Objects::nonNull)
                .count();
        if (named != 1) {
            throw Refusal.of(
                            "step", "Name what to take away: a step, a routine, or something that a student was given.")
                    .fits("One of step, routine, assignment, plan and list.");
        }
        if (request.assignment() != null) return given(studio, request.assignment());
        if (request.plan() != null) return week(studio, request.plan());
        if (list != null) {
            if (request.student() == null) throw Refusal.of("student", "Say whose list it is.");
            return list(studio, request.student());
        }
        Speech speech = settings.of(studio).speech();
        Optional<Player> player = Optional.ofNullable(request.student())
                .map(id -> students.player(studio, id))
                .or(() -> Optional.ofNullable(request.instrument()).map(id -> students.anyPlayer(studio, id)));
        Optional<String> whose = Optional.ofNullable(request.student())
                .map(id -> students.get(studio, id).name());
        if (request.routine() != null) {
            RoutineView routine = routines.get(studio, request.routine());
            List<Piece> pieces = routine.steps().stream()
                    .map(step -> piece(
                            Ascent.of(StepDocuments.read(step.document()), ClimbDocuments.read(step.climb())),
                            player.orElse(null),
                            speech))
                    .toList();
            return new Asked(routine.title(), whose, pieces, speech, LocalDate.now(clock));
        }
        JsonNode document = Objects.requireNonNull(request.step());
        JsonNode climb = request.climb();
        Step step = Fields.under("step", () -> StepJson.read(document));
        Ascent ascent = climb == null
                ? Ascent.alone(step)
                : Fields.under("climb", () -> Ascent.of(step, ClimbJson.read(climb)));
        Piece piece = piece(ascent, player.orElse(null), speech);
        return new Asked(piece.title(), whose, List.of(piece), speech, LocalDate.now(clock));
    }

    /** What a key plan brings in the key it is in. */
    private Asked week(long studio, long plan) {
        KeyPlanService.Round round = plans.round(studio, plan);
        Player player = students.player(studio, round.studentId());
        List<Piece> pieces = round.keys().stream()
                .filter(KeyPlanService.InOneKey::isNow)
                .flatMap(key -> key.pieces().stream())
                .flatMap(piece -> piece
                        .ascent()
                        .map(ascent -> new Piece(piece.title(), ascent, Optional.empty(), Optional.of(player)))
                        .stream())
                .toList();
        if (pieces.isEmpty()) throw Refusal.of("plan", "Nothing of this plan fits the student in its present key.");
        return new Asked(
                round.title(),
                Optional.of(students.get(studio, round.studentId()).name()),
                pieces,
                settings.of(studio).speech(),
                LocalDate.now(clock));
    }

    /** All that a student has to practise today, in its order, each on the rung where they stand. */
    private Asked list(long studio, long student) {
        Today today = rooms.today(new PracticeVisitor(student, studio));
        List<Asked> each = today.items().stream()
                .filter(item -> item.misfit() == null)
                .map(item -> given(studio, item.assignmentId()))
                .toList();
        if (each.isEmpty()) throw Refusal.of("list", "There is nothing to practise today.");
        Asked first = each.getFirst();
        return new Asked(
                "today's list",
                first.whose(),
                each.stream().flatMap(one -> one.pieces().stream()).toList(),
                first.speech(),
                first.day());
    }

    /** What a student was given, on the rung where they stand. */
    private Asked given(long studio, long id) {
        Assigned assigned = assignments.get(studio, id);
        return given(studio, assigned);
    }

    /** The same for the student themselves; refuses what was given to others. */
    @Transactional(readOnly = true)
    Asked own(long studio, long student, @Nullable Long id) {
        if (id == null) return list(studio, student);
        Assigned assigned = assignments.find(studio, student, id).orElseThrow(() -> Refusal.of(
                        "assignment", "This is not on your list.")
                .fits("Look at today's list again."));
        return given(studio, assigned);
    }

    private Asked given(long studio, Assigned assigned) {
        LocalDate today = LocalDate.now(clock);
        Player player = students.player(studio, assigned.studentId());
        Standing standing = progress.of(assigned, player).standing().on(today);
        Piece piece = new Piece(assigned.title(), standing.ascent(), Optional.of(standing.at()), Optional.of(player));
        return new Asked(
                assigned.title(),
                Optional.of(students.get(studio, assigned.studentId()).name()),
                List.of(piece),
                settings.of(studio).speech(),
                today);
    }

    private static Piece piece(Ascent ascent, @Nullable Player player, Speech speech) {
        return new Piece(StepWords.title(ascent.step(), speech), ascent, Optional.empty(), Optional.ofNullable(player));
    }
}
