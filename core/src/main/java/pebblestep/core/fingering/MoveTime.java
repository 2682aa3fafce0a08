package pebblestep.core.fingering;

import pebblestep.core.Rounding;

/**
 * The time from one note to the next. Half the time doubles the cost of a move; costs are given for five notes a second. The time is held
 * in whole microseconds, so that a move costs the same on the server and in the page.
 *
 * @param micros microseconds from one onset to the next
 */
public record MoveTime(long micros) {
    private static final long TOLD_AT = 200_000;
    private static final double MILLION = 1e6;

    /** Costs grow no further beyond twenty notes a second. */
    private static final long LEAST = 50_000;

    /** Refuses times that are not above 0. */
    public MoveTime {
        if (micros <= 0) throw new IllegalArgumentException("Two notes cannot be apart by " + micros + " µs.");
    }

    /** That many seconds from one note to the next. */
    public static MoveTime of(double seconds) {
        return new MoveTime(Rounding.whole(seconds * MILLION));
    }

    /** The cost in this time of what costs {@code thousandths} at five notes a second, rounded to a thousandth. */
    int of(int thousandths) {
        long there = Math.max(LEAST, micros);
        return (int) Math.floorDiv(2 * thousandths * TOLD_AT + there, 2 * there);
    }
}
