package pebblestep.app.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.passage.Step;
import pebblestep.exchange.PassageDocument;
import pebblestep.exchange.StepDocument;
import pebblestep.exchange.StepDocuments;
import tools.jackson.databind.JsonNode;

/** Works steps out. */
@RestController
class PassageController {

    /** A step document, and the instrument it is for. */
    record PassageRequest(
            @NotNull(message = "Give a step.") @Schema(implementation = StepDocument.class) JsonNode step,
            @Nullable String instrument) {}

    /**
     * The passage of a step. {@code with} asks for more beside it: score, clicks, pulse, separated by commas.
     */
    @PostMapping("/api/passages")
    PassageDocument passage(
            @Valid @RequestBody PassageRequest request, @RequestParam(required = false) @Nullable String with) {
        Optional<Instrument> instrument =
                Optional.ofNullable(request.instrument).map(Instruments::of);
        Set<Workings.Extra> extras = extras(with);
        try {
            Step step = StepDocuments.read(request.step);
            return Workings.of(step, instrument, extras);
        } catch (Refusal e) {
            throw e.under("step");
        }
    }

    private static Set<Workings.Extra> extras(@Nullable String with) {
        Set<Workings.Extra> extras = EnumSet.noneOf(Workings.Extra.class);
        if (with == null || with.isBlank()) return extras;
        for (String name : with.split(",")) {
            try {
                extras.add(Workings.Extra.valueOf(name.strip().toUpperCase(Locale.ROOT)));
            } catch (IllegalArgumentException e) {
                throw Refusal.of("with", "\"" + name.strip() + "\" cannot be asked for.")
                        .fits("score, clicks, pulse.");
            }
        }
        return extras;
    }
}
