package pebblestep.app.bench;
import pebblestep.exchange.StepJson;


import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.bench.Readings.ReadingView;
import pebblestep.app.platform.Teacher;
import pebblestep.app.students.StudentService;
import pebblestep.core.Refusal;
import pebblestep.core.passage.DisplacementTour;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.scale.Key;
import pebblestep.documents.PassageDocument;
import pebblestep.documents.PassageDocument.Reader;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;
import tools.jackson.databind.JsonNode;

/** Works steps out. */
@RestController
class PassageController {

    /**
     * A step document, and whom it is for: an instrument, or a student with their own instrument and range. The student
     * goes first where both are given.
     */
    record PassageRequest(
            @NotNull(message = "Give a step.") @Schema(implementation = StepDocument.class) JsonNode step,
            @Nullable @Size(max = 40, message = "Choose an instrument from the list.") String instrument,
            @Nullable Long student) {}

    /** A step document, and the students it is for. */
    record ReadingsRequest(
            @NotNull(message = "Give a step.") @Schema(implementation = StepDocument.class) JsonNode step,
            @NotNull(message = "Give the students.") @Size(max = 100, message = "At most 100 students at once.")
                    List<@NotNull Long> students) {}

    private final StudentService students;
    private final SettingsService settings;
    private final KeyBefore keys;
    private final Readings readings;

    PassageController(StudentService students, SettingsService settings, KeyBefore keys, Readings readings) {
        this.students = students;
        this.settings = settings;
        this.keys = keys;
        this.readings = readings;
    }

    /**
     * The passage of a step. {@code with} asks for more beside it: score, clicks, pulse, near, separated by commas.
     */
    @PostMapping("/api/passages")
    PassageDocument passage(
            @AuthenticationPrincipal Teacher teacher,
            @Valid @RequestBody PassageRequest request,
            @RequestParam(required = false) @Nullable String with) {
        long studio = teacher.studioId();
        Optional<Player> player = Optional.ofNullable(request.student)
                .map(id -> students.player(studio, id))
                .or(() -> Optional.ofNullable(request.instrument).map(id -> students.anyPlayer(studio, id)));
        Set<Workings.Extra> extras = extras(with);
        try {
            Step step = StepJson.read(request.step);
            Optional<Key> before = Optional.ofNullable(request.student)
                    .flatMap(id -> keys.stepBefore(studio, id, step))
                    .map(last -> Passage.writtenKey(last, player.orElse(null)));
            return Workings.of(
                    step, new Reader(player, before, settings.of(studio).speech()), extras);
        } catch (Refusal e) {
            throw e.under("step");
        }
    }

    /** A step document. */
    record TourRequest(@NotNull(message = "Give a step.") @Schema(implementation = StepDocument.class) JsonNode step) {}

    /** The displacements to master with a step's line, in teaching order, each a step of its own. */
    @PostMapping("/api/passages/tour")
    List<StepDocument> tour(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody TourRequest request) {
        try {
            return DisplacementTour.named(
                            StepJson.read(request.step),
                            settings.of(teacher.studioId()).speech())
                    .stream()
                    .map(StepDocuments::write)
                    .toList();
        } catch (Refusal e) {
            throw e.under("step");
        }
    }

    /** How each of these students reads a step: their written key and pitches, or why it does not fit them. */
    @PostMapping("/api/passages/readings")
    List<ReadingView> readings(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody ReadingsRequest request) {
        Step step;
        try {
            step = StepJson.read(request.step);
        } catch (Refusal e) {
            throw e.under("step");
        }
        return readings.of(teacher.studioId(), step, request.students);
    }

    private static Set<Workings.Extra> extras(@Nullable String with) {
        Set<Workings.Extra> extras = EnumSet.noneOf(Workings.Extra.class);
        if (with == null || with.isBlank()) return extras;
        for (String name : with.split(",")) {
            try {
                extras.add(Workings.Extra.valueOf(name.strip().toUpperCase(Locale.ROOT)));
            } catch (IllegalArgumentException e) {
                throw Refusal.of("with", "\"" + name.strip() + "\" cannot be asked for.")
                        .fits("score, clicks, pulse, near.");
            }
        }
        return extras;
    }
}
