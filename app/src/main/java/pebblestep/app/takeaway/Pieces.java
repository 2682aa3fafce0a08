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
import pebblestep.app.practice.ProgressStore;
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
    private final Clock clock;

    Pieces(
            StudentService students,
            RoutineService routines,
            AssignmentService assignments,
            ProgressStore progress,
            SettingsService settings,
            Clock clock) {
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
        long named = Stream.of(request.step(), request.routine(), request.assignment())
                .filter(Objects::nonNull)
                .count();
        if (named != 1) {
            throw Refusal.of(
                            "step", "Name what to take away: a step, a routine, or something that a student was given.")
                    .fits("One of step, routine and assignment.");
        }
        if (request.assignment() != null) return given(studio, request.assignment());
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

    /** What a student was given, on the rung where they stand. */
    private Asked given(long studio, long id) {
        Assigned assigned = assignments.get(studio, id);
        return given(studio, assigned);
    }

    /** The same for the student themselves; refuses what was given to others. */
    @Transactional(readOnly = true)
    Asked own(long studio, long student, long id) {
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
