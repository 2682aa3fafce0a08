package pebblestep.core.hands;

import pebblestep.core.Rounding;

/**
 * How quickly one note follows another. A move costs as much more as there is less time for it: its costs are told at five
 * notes a second.
 *
 * @param seconds from one onset to the next
 */
public record Pace(double seconds) {
    private static final double TOLD_AT = 0.2;

    /** Beyond twenty notes a second nothing becomes harder that could be played at all. */
    private static final double MOST = 4;

    /** Refuses no time at all. */
    public Pace {
        if (!(seconds > 0))
            throw new IllegalArgumentException("Between two onsets there is time, not " + seconds + " s.");
    }

    /** What something costs at this pace that costs so much at five notes a second. */
    int of(int thousandths) {
        return (int) Rounding.whole(thousandths * Math.min(MOST, TOLD_AT / seconds));
    }
}
