package pebblestep.core.tempo;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import pebblestep.core.Refusal;
import pebblestep.core.rhythm.Bpm;

/**
 * The tempos from a start to a target, as rungs. It starts at the start and ends exactly at the target; each rung
 * differs from the one before. From a faster start to a slower target it goes down.
 */
public record TempoLadder(List<Bpm> rungs) {
    /** More rungs than a student climbs in a year. */
    private static final int MOST = 200;

    /** Refuses a ladder without rungs. */
    public TempoLadder {
        rungs = List.copyOf(rungs);
        if (rungs.isEmpty()) throw Refusal.of("A ladder has at least one rung.");
    }

    /**
     * Rungs a fixed number of beats a minute apart; the last step is shorter where they do not divide. From 60 to 100
     * by 8: 60 68 76 84 92 100. Refuses steps that are not positive, and ladders of more than 200 rungs.
     */
    public static TempoLadder fixed(Bpm from, Bpm to, BigDecimal by) {
        if (by.signum() <= 0) throw Refusal.of("scheme.by", "The step of a ladder is more than 0 beats a minute.");
        BigDecimal distance = to.value().subtract(from.value());
        if (distance.abs().compareTo(by.multiply(BigDecimal.valueOf(MOST - 1L))) > 0) {
            throw Refusal.of(
                    "scheme.by",
                    "From " + from + " to " + to + " by " + by.toPlainString() + " would take more than " + MOST
                            + " rungs.");
        }
        BigDecimal step = distance.signum() < 0 ? by.negate() : by;
        List<Bpm> rungs = new ArrayList<>();
        for (BigDecimal at = from.value(); at.subtract(to.value()).signum() * step.signum() < 0; at = at.add(step)) {
            rungs.add(Bpm.of(at));
        }
        rungs.add(to);
        return new TempoLadder(rungs);
    }

    public int size() {
        return rungs.size();
    }

    /** The rung of that index, from 0. */
    public Bpm rung(int index) {
        return rungs.get(index);
    }

    public Bpm target() {
        return rungs.get(rungs.size() - 1);
    }
}
