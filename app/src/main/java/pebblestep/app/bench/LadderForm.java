package pebblestep.app.bench;

import jakarta.validation.constraints.NotNull;
import java.math.BigDecimal;
import java.util.function.Supplier;
import pebblestep.core.Refusal;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.tempo.TempoLadder;

/** A ladder of fixed steps: first tempo, target, and beats per minute between rungs. */
public record LadderForm(
        @NotNull(message = "Give the first tempo.") BigDecimal from,
        @NotNull(message = "Give the target tempo.") BigDecimal to,
        @NotNull(message = "Give the step between rungs.") BigDecimal by) {

    /** The ladder; refuses what no ladder can be made of. */
    public TempoLadder ladder() {
        return TempoLadder.fixed(at("from", () -> Bpm.of(from)), at("to", () -> Bpm.of(to)), by);
    }

    private static Bpm at(String field, Supplier<Bpm> read) {
        try {
            return read.get();
        } catch (Refusal e) {
            throw e.at(field);
        }
    }
}
