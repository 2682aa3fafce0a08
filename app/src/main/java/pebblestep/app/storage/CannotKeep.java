package pebblestep.app.storage;

/** A backup could not be made, read or put back; its sentence says which and why. */
final class CannotKeep extends RuntimeException {
    private static final long serialVersionUID = 1L;

    CannotKeep(String sentence) {
        super(sentence);
    }

    CannotKeep(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
