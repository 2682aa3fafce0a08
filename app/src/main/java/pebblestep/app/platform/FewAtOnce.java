package pebblestep.app.platform;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;

/**
 * Lets few requests at once do what takes much memory or a whole processor. Whoever comes while all places are taken waits for a while,
 * and is then asked to come again.
 */
public final class FewAtOnce {
    private final Semaphore places;
    private final Duration patience;
    private final String refusal;

    private FewAtOnce(int places, Duration patience, String refusal) {
        this.places = new Semaphore(places, true);
        this.patience = patience;
        this.refusal = refusal;
    }

    /**
     * Places for so many.
     *
     * @param patience how long one waits for a place
     * @param refusal what is said to those who waited in vain
     */
    public static FewAtOnce of(int places, Duration patience, String refusal) {
        return new FewAtOnce(places, patience, refusal);
    }

    /** Something that takes a place while it lasts. */
    public interface Work<T, E extends Exception> {
        T done() throws E;
    }

    /** Does it in a place of its own; answers "too many" (429) where none became free. */
    public <T, E extends Exception> T during(Work<T, E> work) throws E {
        if (!hasPlace()) throw Problems.tooMany(refusal);
        try {
            return work.done();
        } finally {
            places.release();
        }
    }

    private boolean hasPlace() {
        try {
            return places.tryAcquire(patience.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }
}
