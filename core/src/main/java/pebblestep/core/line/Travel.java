package pebblestep.core.line;

import pebblestep.core.Identified;

/** The way a line goes through its range. */
public enum Travel implements Identified {
    UP_DOWN,
    UP,
    DOWN,
    DOWN_UP;

    /** Whether the line turns round, so that its turning note can be struck once or twice. */
    public boolean turns() {
        return this == UP_DOWN || this == DOWN_UP;
    }
}
