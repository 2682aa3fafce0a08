package pebblestep.core.practice;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import pebblestep.core.Refusal;
import pebblestep.core.Rounding;
import pebblestep.core.Words;
import pebblestep.core.forecast.TheilSen;
import pebblestep.core.passage.Passage;
import pebblestep.core.practice.TapAlignment.Pair;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;

/**
 * How taps lie against the notes of a passage. All times are milliseconds; late is positive.
 *
 * @param notes how many notes the passage has
 * @param taps each note that was tapped, in order
 * @param extra taps that belong to no note
 * @param meanMillis mean offset of the taps
 * @param spreadMillis standard deviation of the taps about the line through them
 * @param asked beats a minute of the passage
 * @param bpm beats a minute of the taps: those asked for where there is no drift
 * @param elsewhere another place that the taps belong to, where they do
 */
public record TapCheck(
        int notes,
        List<Tap> taps,
        int extra,
        double meanMillis,
        double spreadMillis,
        double asked,
        double bpm,
        Optional<Elsewhere> elsewhere) {
    /** More taps than anybody makes in one go. */
    public static final int MOST_TAPS = 1000;

    private static final int FEWEST_TAPS = 4;
    private static final int ROUNDS = 3;

    /** Once bias and drift are taken out, a tap belongs to a note that it is this share as near to as before. */
    private static final double NEAR = 0.375;

    /** Normal quantile of 99.9 percent: a drift is told only where chance hardly makes one. */
    private static final double Z_999 = 3.2905267314918945;

    private static final double LEAST_ALONE = 30;
    private static final double MOST_ALONE = 250;

    /** A drift of less in all is not told from unsteadiness. */
    private static final double LEAST_DRIFT = 15;

    /** Places within the beat, as shares of it: where taps that miss their own place are looked for. */
    private static final List<Fraction> SHARES = List.of(
            Fraction.of(0),
            Fraction.of(1, 4),
            Fraction.of(1, 3),
            Fraction.of(1, 2),
            Fraction.of(2, 3),
            Fraction.of(3, 4),
            Fraction.ONE);

    /**
     * One tapped note.
     *
     * @param note its index in the passage, from 0
     * @param offset by how much the tap is late
     */
    public record Tap(int note, double offset) {}

    /**
     * A place to which the taps belong instead of their own.
     *
     * @param own where the line starts
     * @param place where it was tapped
     * @param millis how far apart both are
     */
    public record Elsewhere(Count own, Count place, double millis) {}

    public TapCheck {
        taps = List.copyOf(taps);
    }

    /**
     * Holds taps against a passage at its tempo. The first tap may be up to half the shortest distance between two
     * notes early or late; beyond that it is taken for another note's. Refuses more than 1000 taps or notes, and fewer than four
     * taps that belong to the line.
     *
     * @param millis when each tap was, from the first note's computed time, in any order
     */
    public static TapCheck of(Passage passage, List<Double> millis) {
        double[] notes = passage.notes().stream()
                .mapToDouble(note -> passage.millisAt(note.at()))
                .toArray();
        if (millis.size() > MOST_TAPS || notes.length > MOST_TAPS) {
            throw Refusal.of("taps", "At most " + MOST_TAPS + " taps can be checked at once.");
        }
        double[] taps =
                millis.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        return new Check(passage, notes, taps).result();
    }

    /** Share of the notes that were tapped. */
    public double tapped() {
        return (double) taps.size() / notes;
    }

    /** The tap furthest from the mean. */
    public Tap worst() {
        return taps.stream()
                .max(Comparator.comparing(tap -> Math.abs(tap.offset() - meanMillis)))
                .orElseThrow();
    }

    /** What it comes to, in sentences with numbers. */
    public String sentence(CountSchool school) {
        Tap worst = worst();
        String all = taps.size() + " of " + notes + " notes tapped, " + side(meanMillis) + " on average, spread "
                + rounded(spreadMillis) + " ms. Furthest: note " + (worst.note() + 1) + ", " + side(worst.offset())
                + ".";
        String more = extra == 0 ? "" : " " + Words.counted(extra, "tap") + " beside the notes.";
        String tempo = bpm == asked ? "" : " They go at " + Words.plain(bpm) + " bpm, not " + Words.plain(asked) + ".";
        return all
                + more
                + tempo
                + elsewhere
                        .map(other -> " The taps lie on " + other.place().inWords(school) + ", "
                                + Words.plain(Math.abs(other.millis())) + " ms "
                                + (other.millis() > 0 ? "after " : "before ")
                                + other.own().inWords(school) + ".")
                        .orElse("");
    }

    private static String side(double millis) {
        long whole = rounded(Math.abs(millis));
        if (whole == 0) return "on time";
        return whole + " ms " + (millis > 0 ? "late" : "early");
    }

    private static long rounded(double millis) {
        return Rounding.whole(millis);
    }

    /** The working out of one check. */
    private record Check(Passage passage, double[] notes, double[] taps) {
        TapCheck result() {
            double alone = alone();
            List<Pair> pairs = enough(best(alone));
            TheilSen line = line(pairs);
            List<Tap> tapped = pairs.stream()
                    .map(pair -> new Tap(pair.note(), offset(pair)))
                    .toList();
            double mean = tapped.stream().mapToDouble(Tap::offset).average().orElseThrow();
            double spread = spread(pairs, line);
            double asked = passage.step().tempo().bpm().toDouble();
            double bpm = bpm(line);
            // Taps that drift pass over many places; none of them is meant.
            Optional<Elsewhere> elsewhere = bpm == asked ? elsewhere(mean, spread, pairs.size()) : Optional.empty();
            return new TapCheck(notes.length, tapped, taps.length - pairs.size(), mean, spread, asked, bpm, elsewhere);
        }

        /**
         * The cheaper of two pairings: one that holds the taps to the notes as written, and one that follows taps which get
         * slower or faster however far they go. Where many notes are left out, the second can run after taps that lie
         * between the notes, or lie one note off for the sake of a single pair more; it must be cheaper by the price of that.
         */
        private List<Pair> best(double alone) {
            List<Pair> held = refined(TapAlignment.nearest(notes, taps, alone / 2), alone);
            List<Pair> followed = refined(TapAlignment.following(notes, taps, alone), alone);
            return cost(followed, alone) + alone < cost(held, alone) ? followed : held;
        }

        /** How far the pairs lie from the line through them, and what is left alone, in milliseconds. */
        private double cost(List<Pair> pairs, double alone) {
            if (pairs.size() < FEWEST_TAPS) return Double.MAX_VALUE;
            TheilSen line = line(pairs);
            double apart = pairs.stream()
                    .mapToDouble(pair -> Math.abs(offset(pair) - line.at(taps[pair.tap()])))
                    .sum();
            return apart + alone * NEAR * (notes.length + taps.length - 2 * pairs.size());
        }

        /** The line through the taps takes bias and drift out of them; the pairing is made again with what is left. */
        private List<Pair> refined(List<Pair> start, double alone) {
            List<Pair> pairs = start;
            for (int round = 0; round < ROUNDS && pairs.size() >= FEWEST_TAPS; round++) {
                TheilSen line = line(pairs);
                double[] corrected = new double[taps.length];
                for (int i = 0; i < taps.length; i++) corrected[i] = taps[i] - line.at(taps[i]);
                pairs = TapAlignment.nearest(notes, corrected, alone * NEAR);
            }
            return pairs;
        }

        private List<Pair> enough(List<Pair> pairs) {
            if (pairs.size() >= FEWEST_TAPS) return pairs;
            throw Refusal.of("taps", "Too few taps belong to the notes: " + pairs.size() + " of " + notes.length + ".")
                    .fits("Tap along with the whole line once more.");
        }

        private double offset(Pair pair) {
            return taps[pair.tap()] - notes[pair.note()];
        }

        /** Half the shortest distance between two notes. */
        private double alone() {
            double shortest = IntStream.range(1, notes.length)
                    .mapToDouble(i -> notes[i] - notes[i - 1])
                    .min()
                    .orElse(2 * MOST_ALONE);
            return Math.min(MOST_ALONE, Math.max(LEAST_ALONE, shortest / 2));
        }

        private TheilSen line(List<Pair> pairs) {
            return TheilSen.of(
                    pairs.stream()
                            .map(pair -> new TheilSen.Point(taps[pair.tap()], offset(pair)))
                            .toList(),
                    Z_999);
        }

        private double spread(List<Pair> pairs, TheilSen line) {
            double[] left = pairs.stream()
                    .mapToDouble(pair -> offset(pair) - line.at(taps[pair.tap()]))
                    .toArray();
            double mean = Arrays.stream(left).average().orElseThrow();
            double squares =
                    Arrays.stream(left).map(one -> (one - mean) * (one - mean)).sum();
            return Math.sqrt(squares / (left.length - 1));
        }

        /** The tempo of the taps; the passage's own where the drift is not told from chance, or is too small to matter. */
        private double bpm(TheilSen line) {
            double own = passage.step().tempo().bpm().toDouble();
            double whole = Math.abs(line.slope()) * (notes[notes.length - 1] - notes[0]);
            boolean real = line.lower() > 0 || line.upper() < 0;
            // A tap t stands at note t - slope * t, so the taps are that much slower than the notes.
            return real && whole >= LEAST_DRIFT ? own * (1 - line.slope()) : own;
        }

        /** The place whose distance from the own one is nearest to the mean, where it is near enough to be meant. */
        private Optional<Elsewhere> elsewhere(double mean, double spread, int count) {
            Meter meter = passage.step().meter();
            Fraction own = passage.notes().get(0).at();
            Fraction beat = meter.beatStart(own);
            Fraction length = meter.lengthOf(meter.beatOf(own));
            double sure = 3 * spread / Math.sqrt(count);
            return SHARES.stream()
                    .map(share -> beat.plus(share.times(length)))
                    .filter(place -> !place.equals(own))
                    .map(place -> new Elsewhere(
                            Count.of(own, meter),
                            Count.of(place, meter),
                            passage.millisAt(place) - passage.millisAt(own)))
                    .min(Comparator.comparing(other -> Math.abs(mean - other.millis())))
                    .filter(other -> Math.abs(mean - other.millis()) < Math.abs(mean))
                    .filter(other -> Math.abs(mean - other.millis()) <= Math.abs(other.millis()) / 4 + sure);
        }
    }
}
