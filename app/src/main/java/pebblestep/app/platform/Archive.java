package pebblestep.app.platform;

/** Which of the things that can be put away. */
public enum Archive {
    /** Those in use. */
    ACTIVE,
    /** Those that were put away, and can come back. */
    ARCHIVED;

    /** As a listing is asked for. */
    public static Archive of(boolean archived) {
        return archived ? ARCHIVED : ACTIVE;
    }
}
