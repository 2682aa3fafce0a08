package pebblestep.app.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.platform.Teacher;
import pebblestep.app.students.StudentService;
import pebblestep.core.Identified;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.scale.Key;
import pebblestep.documents.Fields;
import pebblestep.documents.FingersDocument;
import pebblestep.documents.PassageDocument;
import pebblestep.documents.PassageDocument.Reader;
import pebblestep.documents.StepDocument;
import pebblestep.documents.Workings;
import pebblestep.exchange.StepJson;
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

    private final StudentService students;
    private final SettingsService settings;
    private final KeyBefore keys;

    PassageController(StudentService students, SettingsService settings, KeyBefore keys) {
        this.students = students;
        this.settings = settings;
        this.keys = keys;
    }

    /**
     * The passage of a step. {@code with} asks for more beside it: score, clicks, pulse, near, hand, separated by commas.
     */
    @PostMapping("/api/passages")
    PassageDocument passage(
            @AuthenticationPrincipal Teacher teacher,
            @Valid @RequestBody PassageRequest request,
            @RequestParam(required = false) @Nullable String with) {
        long studio = teacher.studioId();
        Optional<Player> player = player(studio, request.student, request.instrument);
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

    /** A step, whom it is for, and one of its notes by its index. */
    record FingersRequest(
            @NotNull(message = "Give a step.") @Schema(implementation = StepDocument.class) JsonNode step,
            @Nullable @Size(max = 40, message = "Choose an instrument from the list.") String instrument,
            @Nullable Long student,
            @NotNull(message = "Say which note: its number in the line, from 0.") Integer note) {}

    /** How one note of a step can be played, each way with what the whole line becomes by it. */
    @PostMapping("/api/passages/ways")
    FingersDocument ways(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody FingersRequest request) {
        Optional<Player> player = player(teacher.studioId(), request.student, request.instrument);
        return Fields.under(
                "step", () -> FingersDocument.of(StepJson.read(request.step), player.orElse(null), request.note));
    }

    private Optional<Player> player(long studio, @Nullable Long student, @Nullable String instrument) {
        return Optional.ofNullable(student)
                .map(id -> students.player(studio, id))
                .or(() -> Optional.ofNullable(instrument).map(id -> students.anyPlayer(studio, id)));
    }

    private static Set<Workings.Extra> extras(@Nullable String with) {
        Set<Workings.Extra> extras = EnumSet.noneOf(Workings.Extra.class);
        if (with == null || with.isBlank()) return extras;
        for (String name : with.split(",")) {
            try {
                extras.add(Identified.of(Workings.Extra.class, name.strip()));
            } catch (Refusal e) {
                throw e.at("with");
            }
        }
        return extras;
    }
}
