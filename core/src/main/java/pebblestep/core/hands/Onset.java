package pebblestep.core.hands;

import pebblestep.core.pitch.Pitch;

/**
 * A note as a hand meets it.
 *
 * @param written as the player reads it
 * @param seconds until the next one begins; of the last, how long it is
 * @param slurred whether the next one is joined to it
 */
public record Onset(Pitch written, double seconds, boolean slurred) {
    /** A note that is not joined to the next. */
    public static Onset of(Pitch written, double seconds) {
        return new Onset(written, seconds, false);
    }

    Pace pace() {
        return Pace.of(seconds);
    }
}
