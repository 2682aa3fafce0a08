package pebblestep.core.walk;

import pebblestep.core.Identified;

/** How a key of a walk joins the one before it. */
public enum Join implements Identified {
    /** Its bar begins at the next bar line. */
    NEXT_BAR("at the next bar"),
    /** At the next beat, as far into the beat as the first key began. */
    NEXT_BEAT("at the next beat"),
    /** As soon as the last note before it ends. */
    AT_ONCE("at once"),
    /** At the next bar, the last note before it held until then. */
    HOLD("held until the next bar");

    private final String words;

    Join(String words) {
        this.words = words;
    }

    /** In words. */
    public String words() {
        return words;
    }

    /** Whether keys begin at bar lines, so that each may be given a number of bars. */
    public boolean countsBars() {
        return this == NEXT_BAR || this == HOLD;
    }
}
