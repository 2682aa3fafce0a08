package pebblestep.core.practice;

import java.util.List;
import java.util.stream.IntStream;
import pebblestep.core.Refusal;
import pebblestep.core.Rounding;

/**
 * How much later a sound is heard than it was meant to be, such as in wireless headphones, found by tapping along with a
 * steady click.
 *
 * @param millis the delay; never below 0
 * @param spreadMillis half the width in which the middle half of the taps lies
 */
public record Latency(double millis, double spreadMillis) {
    /** Time between two clicks: long enough that no delay reaches the click after. */
    public static final double INTERVAL_MILLIS = 1000;

    /** Clicks of a test; the first few are for finding into it. */
    public static final int CLICKS = 16;

    /** The longest delay that can be found. */
    public static final double MOST_MILLIS = 700;

    private static final double EARLIEST = -200;
    private static final int FEWEST = 8;
    private static final double MOST_SPREAD = 60;

    /** Where the middle of taps lies before the click that they follow, without any delay (from memory, no source): about 30 ms. */
    private static final double AHEAD = 30;

    /** When a test's clicks sound, in milliseconds from the first. */
    public static List<Double> clicks() {
        return IntStream.range(0, CLICKS).mapToObj(i -> i * INTERVAL_MILLIS).toList();
    }

    /**
     * The delay behind these taps. Their middle value is taken, so that single taps far off do not matter. Refuses fewer
     * than eight taps, and taps that are spread too widely to tell.
     *
     * @param taps milliseconds from the first click as it was meant
     */
    public static Latency of(List<Double> taps) {
        double[] late = taps.stream()
                .mapToDouble(tap -> tap - INTERVAL_MILLIS * Math.floor((tap - EARLIEST) / INTERVAL_MILLIS))
                .filter(offset -> offset <= MOST_MILLIS)
                .sorted()
                .toArray();
        if (late.length < FEWEST) {
            throw Refusal.of("taps", "Only " + late.length + " taps could be used.")
                    .fits("Tap with every click, " + FEWEST + " times at least.");
        }
        double spread = (at(late, 0.75) - at(late, 0.25)) / 2;
        if (spread > MOST_SPREAD) {
            throw Refusal.of("taps", "The taps lie too far apart to tell a delay: " + Rounding.whole(spread) + " ms.")
                    .fits("Tap steadily with the click once more.");
        }
        return new Latency(Math.max(0, at(late, 0.5) + AHEAD), spread);
    }

    /** The value below which that share of the sorted ones lies, between neighbours in proportion. */
    private static double at(double[] sorted, double share) {
        double place = share * (sorted.length - 1);
        int below = (int) Math.floor(place);
        int above = Math.min(sorted.length - 1, below + 1);
        return sorted[below] + (place - below) * (sorted[above] - sorted[below]);
    }

    /** In a sentence with numbers. */
    public String sentence() {
        long whole = Rounding.whole(millis);
        return whole == 0
                ? "Sound and screen are together, within " + Rounding.whole(spreadMillis) + " ms."
                : "The sound is heard " + whole + " ms late, give or take " + Rounding.whole(spreadMillis) + " ms.";
    }
}
