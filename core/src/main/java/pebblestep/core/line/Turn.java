package pebblestep.core.line;

import pebblestep.core.Identified;

/** Whether the note on which a line turns round is struck once or twice. */
public enum Turn implements Identified {
    SINGLE,
    DOUBLE;

    /** The other one. */
    public Turn other() {
        return this == SINGLE ? DOUBLE : SINGLE;
    }
}
