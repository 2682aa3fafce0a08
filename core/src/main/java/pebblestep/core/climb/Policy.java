package pebblestep.core.climb;

/** Which axis is next when one is done. */
public enum Policy {
    /** The next axis moves by one rung, and those before it are climbed again. */
    IN_TURN("in-turn"),
    /** All axes but the tempo move together. */
    PAIRED("paired"),
    /** The teacher picks an axis; only the tempo is climbed again. */
    TEACHER_PICKS("teacher-picks");

    private final String id;

    Policy(String id) {
        this.id = id;
    }

    /** The name in documents. */
    public String id() {
        return id;
    }
}
