package pebblestep.core.line;

import pebblestep.core.Identified;

/** The kinds of pattern, as documents name them: one for each record that is a {@link Pattern}. */
public enum PatternKind implements Identified {
    STRAIGHT(Turning.SHARED),
    ARPEGGIO(Turning.SHARED),
    SEQUENCE(Turning.OWN),
    REACH(Turning.OFTEN),
    PIVOT(Turning.OWN),
    CHORDS(Turning.OWN),
    FREE(Turning.OWN);

    /** How a line of the kind turns. */
    private enum Turning {
        /** The top note ends one way and begins the other. */
        SHARED,
        /** Each way has its own last note. */
        OWN,
        /** It turns at every target. */
        OFTEN
    }

    private final Turning turning;

    PatternKind(Turning turning) {
        this.turning = turning;
    }

    /** Whether the highest or lowest note itself is the turning note, so that it can be called the top or the bottom one. */
    public boolean turnsOnTheOutermost() {
        return turning == Turning.SHARED;
    }

    /** Whether it turns more than once, so that no one note is the turning note. */
    boolean turnsOften() {
        return turning == Turning.OFTEN;
    }
}
