package pebblestep.core.instrument;

import pebblestep.core.Identified;

/** How far into an instrument's range a player goes. */
public enum Level implements Identified {
    FIRST_OCTAVE("first octave and a bit"),
    COMFORTABLE("comfortable range"),
    FULL("full range");

    private final String words;

    Level(String words) {
        this.words = words;
    }

    /** The level of that id; refuses others. */
    public static Level of(String id) {
        return Identified.of(Level.class, id);
    }

    /** In words. */
    public String words() {
        return words;
    }
}
