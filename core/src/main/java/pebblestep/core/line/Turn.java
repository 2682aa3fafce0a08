package pebblestep.core.line;

/** Whether the note on which a line turns round is struck once or twice. */
public enum Turn {
    SINGLE("single"),
    DOUBLE("double");

    private final String id;

    Turn(String id) {
        this.id = id;
    }

    /** The name in step documents. */
    public String id() {
        return id;
    }

    /** The other one. */
    public Turn other() {
        return this == SINGLE ? DOUBLE : SINGLE;
    }
}
