package pebblestep.core.line;

/** The way a line goes through its range. */
public enum Travel {
    UP_DOWN("up-down"),
    UP("up"),
    DOWN("down"),
    DOWN_UP("down-up");

    private final String id;

    Travel(String id) {
        this.id = id;
    }

    /** The name in step documents. */
    public String id() {
        return id;
    }

    /** Whether the line turns round, so that its turning note can be struck once or twice. */
    public boolean turns() {
        return this == UP_DOWN || this == DOWN_UP;
    }
}
