package pebblestep.app.bench;

import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.core.Refusal;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.tempo.TempoLadder;
import pebblestep.exchange.Rounded;

/** Works out tempo ladders. */
@RestController
class LadderController {
    private static final List<String> TYPES = List.of("fixed", "percent", "dial", "back-step", "alternate");

    /**
     * A ladder to work out; with the value that gets the beat and the value of the notes, each rung is said in notes a
     * second too.
     */
    record LadderRequest(
            @NotNull(message = "Give the first tempo.") BigDecimal from,
            @NotNull(message = "Give the target tempo.") BigDecimal to,
            @NotNull(message = "Give a scheme.") @Valid Scheme scheme,
            @Nullable String beat,
            @Nullable String value) {}

    /** How the rungs follow on each other. */
    record Scheme(
            @NotNull(message = "Give the type of the scheme.") @Size(max = 20, message = "Choose one of the types.")
                    String type,
            @Nullable BigDecimal by,
            @Nullable Integer forward) {}

    @JsonInclude(JsonInclude.Include.NON_NULL)
    record LadderAnswer(List<BigDecimal> rungs, @Nullable List<Double> notesPerSecond) {}

    @PostMapping("/api/ladders")
    LadderAnswer ladder(@Valid @RequestBody LadderRequest request) {
        TempoLadder ladder = ladderOf(request);
        return new LadderAnswer(
                ladder.rungs().stream().map(Bpm::value).toList(), rates(ladder, request.beat, request.value));
    }

    private static TempoLadder ladderOf(LadderRequest request) {
        Bpm from = at("from", () -> Bpm.of(request.from));
        Bpm to = at("to", () -> Bpm.of(request.to));
        Scheme scheme = request.scheme;
        boolean back = scheme.type().equals("back-step");
        if (!back && scheme.forward() != null) {
            throw Refusal.of("scheme.forward", "Only a back-step ladder counts its steps forward.")
                    .fits("Leave this field out.");
        }
        if (scheme.type().equals("dial")) {
            if (scheme.by() != null) {
                throw Refusal.of("scheme.by", "The dial has its own marks.").fits("Leave this field out.");
            }
            return TempoLadder.dial(from, to);
        }
        if (!TYPES.contains(scheme.type())) {
            throw Refusal.of("scheme.type", "There is no ladder of the type \"" + scheme.type() + "\" here.")
                    .fits("One of: " + String.join(", ", TYPES) + ".");
        }
        BigDecimal by = scheme.by();
        if (by == null) throw Refusal.of("scheme.by", "Give the step between rungs.");
        return switch (scheme.type()) {
            case "percent" -> TempoLadder.percent(from, to, by);
            case "back-step" -> TempoLadder.backStep(from, to, by, scheme.forward() == null ? 2 : scheme.forward());
            case "alternate" -> TempoLadder.alternate(from, to, by);
            default -> TempoLadder.fixed(from, to, by);
        };
    }

    private static <T> T at(String field, Supplier<T> read) {
        try {
            return read.get();
        } catch (Refusal e) {
            throw e.at(field);
        }
    }

    private static @Nullable List<Double> rates(TempoLadder ladder, @Nullable String beat, @Nullable String value) {
        if (beat == null || value == null) return null;
        Fraction beatValue = fraction("beat", beat);
        Fraction noteValue = fraction("value", value);
        if (noteValue.signum() <= 0) throw Refusal.of("value", "A note value is more than 0.");
        return ladder.rungs().stream()
                .map(rung -> Rounded.of(new Tempo(beatValue, rung).notesPerSecond(noteValue)))
                .toList();
    }

    private static Fraction fraction(String field, String text) {
        return at(field, () -> Fraction.parse(text));
    }
}
