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

    /** Takes 60.000, as a column gives it, for 60. */
    public LadderForm {
        from = plain(from);
        to = plain(to);
        by = plain(by);
    }

    private static BigDecimal plain(BigDecimal number) {
        if (number == null || number.scale() <= 0) return number;
        BigDecimal stripped = number.stripTrailingZeros();
        return stripped.scale() < 0 ? stripped.setScale(0) : stripped;
    }

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
