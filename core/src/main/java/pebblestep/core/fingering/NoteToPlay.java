package pebblestep.core.fingering;

import pebblestep.core.pitch.Pitch;

/**
 * One note of a line, with what matters for its fingering.
 *
 * @param written as the player reads it
 * @param seconds until the next note begins; for the last note, its length
 * @param slurred whether the next one is joined to it
 * @param part which part of the line it belongs to, from 0; each key of a walk is a part. A hand that decides for a whole scale
 *     decides for each part
 */
public record NoteToPlay(Pitch written, double seconds, boolean slurred, int part) {
    /** A note of a line in one key, not slurred to the next. */
    public static NoteToPlay of(Pitch written, double seconds) {
        return new NoteToPlay(written, seconds, false, 0);
    }

    /** This note in a line that consists of its part alone. */
    public NoteToPlay alone() {
        return part == 0 ? this : new NoteToPlay(written, seconds, slurred, 0);
    }

    /** The time for the move to the next note. */
    public MoveTime pace() {
        return MoveTime.of(seconds);
    }

    /** The key under which equal notes of one part are found. */
    public Spot spot() {
        return new Spot(written, part);
    }

    /** A pitch in a part of a line. */
    public record Spot(Pitch written, int part) {}
}
