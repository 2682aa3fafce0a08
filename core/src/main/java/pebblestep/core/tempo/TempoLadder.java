package pebblestep.core.tempo;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import pebblestep.core.Refusal;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Tempo;

/**
 * The tempos from a start to a target, as rungs. It starts at the start and ends exactly at the target; each rung
 * differs from the one before. From a faster start to a slower target it goes down.
 */
public record TempoLadder(List<Bpm> rungs) {
    /** More rungs than a student climbs in a year. */
    private static final int MOST = 200;

    /** Far below the thousandth to which a tempo is exact; takes the rounding of a division out of a comparison. */
    private static final double EPSILON = 1e-6;

    /** The marks of the dial: 40 to 60 by 2, to 72 by 3, to 120 by 4, to 144 by 6, to 208 by 8. */
    private static final List<Integer> DIAL = IntStream.of(
                    40, 42, 44, 46, 48, 50, 52, 54, 56, 58, 60, 63, 66, 69, 72, 76, 80, 84, 88, 92, 96, 100, 104, 108,
                    112, 116, 120, 126, 132, 138, 144, 152, 160, 168, 176, 184, 192, 200, 208)
            .boxed()
            .toList();

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
        requireStep(by);
        BigDecimal distance = to.value().subtract(from.value());
        if (distance.abs().compareTo(by.multiply(BigDecimal.valueOf(MOST - 1L))) > 0) {
            throw Refusal.of(
                            "scheme.by",
                            "From " + from + " to " + to + " by " + by.toPlainString() + " would take more than " + MOST
                                    + " rungs.")
                    .fits("Take larger steps, or a nearer target.");
        }
        BigDecimal step = distance.signum() < 0 ? by.negate() : by;
        List<Bpm> rungs = new ArrayList<>();
        for (BigDecimal at = from.value(); at.subtract(to.value()).signum() * step.signum() < 0; at = at.add(step)) {
            rungs.add(Bpm.of(at));
        }
        rungs.add(to);
        return new TempoLadder(rungs);
    }

    /**
     * Each rung so many percent beyond the rounded one before, rounded half up to whole beats a minute, and always moved by
     * at least one. From 60 to 80 by 10 percent: 60 66 73 80. Refuses percentages that are not between 0 and 100.
     */
    public static TempoLadder percent(Bpm from, Bpm to, BigDecimal by) {
        if (by.signum() <= 0 || by.compareTo(BigDecimal.valueOf(100)) >= 0) {
            throw Refusal.of("scheme.by", "A rung lies more than 0 and less than 100 percent beyond the one before.");
        }
        int way = to.value().compareTo(from.value());
        BigDecimal factor =
                BigDecimal.ONE.add(by.multiply(BigDecimal.valueOf(way)).movePointLeft(2));
        Climber climber = new Climber(from, to);
        while (!climber.arrived()) {
            BigDecimal at = climber.at();
            BigDecimal next = at.multiply(factor).setScale(0, RoundingMode.HALF_UP);
            BigDecimal least =
                    at.add(BigDecimal.valueOf(way)).setScale(0, way > 0 ? RoundingMode.CEILING : RoundingMode.FLOOR);
            climber.moveTo(way > 0 ? next.max(least) : next.min(least));
        }
        return climber.ladder();
    }

    /** The marks of a traditional metronome between start and target (handbook list, from memory). */
    public static TempoLadder dial(Bpm from, Bpm to) {
        int way = to.value().compareTo(from.value());
        Climber climber = new Climber(from, to);
        List<Integer> marks = new ArrayList<>(DIAL);
        if (way < 0) Collections.reverse(marks);
        for (int mark : marks) {
            BigDecimal value = BigDecimal.valueOf(mark);
            if (!climber.arrived() && value.subtract(climber.at()).signum() * way > 0) climber.moveTo(value);
        }
        if (!climber.arrived()) climber.moveTo(to.value());
        return climber.ladder();
    }

    /**
     * So many steps forward, then one back, until the target is reached. From 60 to 72 by 4, two forward: 60 64 68 64 68
     * 72. Refuses fewer than two steps forward, which would never arrive.
     */
    public static TempoLadder backStep(Bpm from, Bpm to, BigDecimal by, int forward) {
        requireStep(by);
        if (forward < 2 || forward > MOST) {
            throw Refusal.of("scheme.forward", "Two or more steps forward come before one back, not " + forward + ".");
        }
        BigDecimal step = by.multiply(BigDecimal.valueOf(to.value().compareTo(from.value())));
        Climber climber = new Climber(from, to);
        for (int i = 0; !climber.arrived(); i++) {
            boolean back = i % (forward + 1) == forward;
            climber.moveTo(back ? climber.at().subtract(step) : climber.at().add(step));
        }
        return climber.ladder();
    }

    /** Each rung of a fixed ladder followed by the first tempo, slow and fast in turn: 60 68 60 76 60 84. */
    public static TempoLadder alternate(Bpm from, Bpm to, BigDecimal by) {
        List<Bpm> rungs = new ArrayList<>();
        for (Bpm rung : fixed(from, to, by).rungs()) {
            if (rungs.size() > 1) rungs.add(from);
            rungs.add(rung);
        }
        requireSize(rungs.size());
        return new TempoLadder(rungs);
    }

    private static void requireStep(BigDecimal by) {
        if (by.signum() <= 0) throw Refusal.of("scheme.by", "The step of a ladder is more than 0 beats a minute.");
    }

    private static void requireSize(int rungs) {
        if (rungs > MOST) {
            throw Refusal.of("scheme.by", "This ladder would take more than " + MOST + " rungs.")
                    .fits("Take larger steps, or a nearer target.");
        }
    }

    /** Climbs rung by rung and stops exactly at the target. */
    private static final class Climber {
        private final Bpm to;
        private final int way;
        private final List<Bpm> rungs = new ArrayList<>();

        Climber(Bpm from, Bpm to) {
            this.to = to;
            this.way = to.value().compareTo(from.value());
            rungs.add(from);
        }

        BigDecimal at() {
            return rungs.get(rungs.size() - 1).value();
        }

        boolean arrived() {
            return at().compareTo(to.value()) == 0;
        }

        void moveTo(BigDecimal next) {
            boolean beyond = next.subtract(to.value()).signum() * way >= 0;
            rungs.add(beyond ? to : Bpm.of(next));
            requireSize(rungs.size());
        }

        TempoLadder ladder() {
            return new TempoLadder(rungs);
        }
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

    /** Whether it goes down, so that a slower rung is the harder one. */
    public boolean isDescending() {
        return target().compareTo(rung(0)) < 0;
    }

    /**
     * The rung nearest to a tempo among those that are not harder: not faster, or not slower where the ladder goes down;
     * of several at one tempo the first. The first rung where all are harder.
     *
     * @param bpm any positive number of beats a minute
     */
    public int notHarderThan(double bpm) {
        int best = -1;
        for (int i = 0; i < size(); i++) {
            double at = rung(i).toDouble();
            boolean harder = isDescending() ? at < bpm - EPSILON : at > bpm + EPSILON;
            if (harder) continue;
            boolean nearer = best < 0
                    || (isDescending()
                            ? at < rung(best).toDouble()
                            : at > rung(best).toDouble());
            if (nearer) best = i;
        }
        return Math.max(0, best);
    }

    /** Whether a tempo is that of a rung or beyond it, on the way to the target. */
    public boolean reaches(Bpm played, int rung) {
        int beyond = played.compareTo(rung(rung));
        return isDescending() ? beyond <= 0 : beyond >= 0;
    }

    /** Each rung as notes a second, for notes of a value under that beat: bpm/60 * beat/value. */
    public List<Double> notesPerSecond(Fraction beat, Fraction value) {
        return rungs.stream()
                .map(rung -> new Tempo(beat, rung).notesPerSecond(value))
                .toList();
    }
}
