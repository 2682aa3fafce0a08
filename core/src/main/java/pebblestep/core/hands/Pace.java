package pebblestep.core.hands;

import pebblestep.core.Rounding;

/**
 * How quickly one note follows another. A move costs as much more as there is less time for it: its costs are told at five
 * notes a second. It is reckoned in whole microseconds, so that the same two ways cost the same wherever the rules run.
 *
 * @param micros microseconds from one onset to the next
 */
public record Pace(long micros) {
    private static final long TOLD_AT = 200_000;
    private static final double MILLION = 1e6;

    /** Beyond twenty notes a second nothing becomes harder that could be played at all. */
    private static final long LEAST = 50_000;

    /** Refuses no time at all. */
    public Pace {
        if (micros <= 0) throw new IllegalArgumentException("Between two onsets there is time, not " + micros + " µs.");
    }

    /** The pace of so many seconds from one onset to the next. */
    public static Pace of(double seconds) {
        return new Pace(Rounding.whole(seconds * MILLION));
    }

    /** What something costs at this pace that costs so much at five notes a second, to the nearest thousandth. */
    int of(int thousandths) {
        long there = Math.max(LEAST, micros);
        return (int) Math.floorDiv(2 * thousandths * TOLD_AT + there, 2 * there);
    }
}
