package pebblestep.core.instrument;

import pebblestep.core.pitch.Pitch;

/**
 * Two neighbouring places of an instrument between which the hand or the embouchure changes at once: a clarinet's break,
 * a half hole. All written pitch.
 *
 * @param below the highest note on one side
 * @param above the lowest note on the other
 * @param what what happens there: "across the break"
 */
public record Crossing(Pitch below, Pitch above, String what) {
    /** Whether two notes stand on either side of it. */
    public boolean isCrossedBy(Pitch one, Pitch other) {
        int low = Math.min(one.midi(), other.midi());
        int high = Math.max(one.midi(), other.midi());
        return low <= below.midi() && high >= above.midi();
    }
}
