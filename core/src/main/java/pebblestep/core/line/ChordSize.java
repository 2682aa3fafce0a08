package pebblestep.core.line;

import pebblestep.core.Identified;

/** How many notes a chord is built of. */
public enum ChordSize implements Identified {
    TRIAD(3),
    SEVENTH(4);

    private final int notes;

    ChordSize(int notes) {
        this.notes = notes;
    }

    /** Number of notes. */
    public int notes() {
        return notes;
    }
}
