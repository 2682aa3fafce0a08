package pebblestep.app.storage;

/** The data cannot be started with: what is wrong, and what to do, in two sentences. */
public final class CannotStart extends RuntimeException {
    private static final long serialVersionUID = 1L;

    CannotStart(String wrong, String remedy) {
        super(wrong + " " + remedy, null, false, false);
    }
}
