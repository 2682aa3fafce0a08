package pebblestep.app.platform;

/** Whether a list shows active or archived things. */
public enum Archive {
    /** Things in use. */
    ACTIVE,
    /** Things that were archived and can be restored. */
    ARCHIVED;

    /** From the {@code archived} parameter of a request. */
    public static Archive of(boolean archived) {
        return archived ? ARCHIVED : ACTIVE;
    }
}
