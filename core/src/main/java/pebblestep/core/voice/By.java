package pebblestep.core.voice;

import pebblestep.core.Identified;

/** Who plays a further voice. */
public enum By implements Identified {
    /** The hand that plays the line: double stops and chords. */
    SAME_HAND("the same hand"),
    LEFT("the left hand"),
    RIGHT("the right hand"),
    /** A second player, with an instrument and a clef of their own. */
    PARTNER("a partner"),
    /** The application, which sounds it. */
    COMPANY("the company");

    private final String words;

    By(String words) {
        this.words = words;
    }

    /** In words. */
    public String words() {
        return words;
    }

    /** Whether the player of the line plays it. */
    public boolean isOwn() {
        return this == SAME_HAND || this == LEFT || this == RIGHT;
    }
}
