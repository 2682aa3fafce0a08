package pebblestep.core.hands;

import pebblestep.core.pitch.Pitch;

/**
 * A note as a hand meets it.
 *
 * @param written as the player reads it
 * @param seconds until the next one begins; of the last, how long it is
 * @param slurred whether the next one is joined to it
 * @param part which part of the line it belongs to, from 0: of a walk which key; a hand that settles something for a whole scale
 *     settles it for each part
 */
public record Onset(Pitch written, double seconds, boolean slurred, int part) {
    /** A note of a line in one key that is not joined to the next. */
    public static Onset of(Pitch written, double seconds) {
        return new Onset(written, seconds, false, 0);
    }

    /** The same where its part is a line by itself. */
    Onset alone() {
        return part == 0 ? this : new Onset(written, seconds, slurred, 0);
    }

    Pace pace() {
        return Pace.of(seconds);
    }

    /** What it shares with every other note of its part that is the same. */
    Spot spot() {
        return new Spot(written, part);
    }

    /** A pitch in a part of a line. */
    record Spot(Pitch written, int part) {}
}
