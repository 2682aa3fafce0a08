package pebblestep.core.passage;

import pebblestep.core.Identified;

/** How notes are joined. */
public enum ArticulationKind implements Identified {
    SEPARATE("separate", false),
    SLURRED("slurred", true),
    ALL_SLURRED("all in one slur", false),
    STACCATO("staccato", false),
    SLURRED_STACCATO("slurred staccato", true),
    OFF_BEAT_SLURS("slurred from each off-beat into the beat", false);

    private final String words;
    private final boolean counted;

    ArticulationKind(String words, boolean counted) {
        this.words = words;
        this.counted = counted;
    }

    /** In words. */
    public String words() {
        return words;
    }

    /** Whether it takes a number of notes. */
    public boolean isCounted() {
        return counted;
    }
}
