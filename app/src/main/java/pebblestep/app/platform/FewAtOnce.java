package pebblestep.app.platform;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;

/**
 * Limits how many requests do expensive work at the same time. Further requests wait for a while; where no place becomes free, they are
 * refused and can be repeated later.
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
     * A limit of so many requests at a time.
     *
     * @param patience how long a request waits for a place
     * @param refusal the sentence for a request that found no place
     */
    public static FewAtOnce of(int places, Duration patience, String refusal) {
        return new FewAtOnce(places, patience, refusal);
    }

    /** Work that occupies a place while it runs. */
    public interface Work<T, E extends Exception> {
        T done() throws E;
    }

    /** Runs the work; answers 429 where no place becomes free in time. */
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
