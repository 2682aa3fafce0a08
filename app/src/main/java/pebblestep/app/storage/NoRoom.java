package pebblestep.app.storage;

/** There is too little space to write safely; nothing was written. */
public final class NoRoom extends RuntimeException {
    private static final long serialVersionUID = 1L;

    NoRoom() {
        super("The disk of the data is full.", null, false, false);
    }
}
