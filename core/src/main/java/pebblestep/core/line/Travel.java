package pebblestep.core.line;

import pebblestep.core.Identified;

/** The way a line goes through its range. */
public enum Travel implements Identified {
    UP_DOWN("up and down"),
    UP("up"),
    DOWN("down"),
    DOWN_UP("down and up");

    private final String words;

    Travel(String words) {
        this.words = words;
    }

    /** In words. */
    public String words() {
        return words;
    }

    /** Whether the line turns round, so that its turning note can be struck once or twice. */
    public boolean turns() {
        return this == UP_DOWN || this == DOWN_UP;
    }
}
