package pebblestep.app.bench;

import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.platform.Fields;
import pebblestep.core.Refusal;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.tempo.LadderScheme;
import pebblestep.core.tempo.TempoLadder;
import pebblestep.exchange.Rounded;

/** Works out tempo ladders. */
@RestController
class LadderController {
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
        Bpm from = Fields.at("from", () -> Bpm.of(request.from));
        Bpm to = Fields.at("to", () -> Bpm.of(request.to));
        return LadderScheme.of(
                        request.scheme.type(),
                        Optional.ofNullable(request.scheme.by()),
                        request.scheme.forward() == null
                                ? OptionalInt.empty()
                                : OptionalInt.of(request.scheme.forward()))
                .ladder(from, to);
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
        return Fields.at(field, () -> Fraction.parse(text));
    }
}
