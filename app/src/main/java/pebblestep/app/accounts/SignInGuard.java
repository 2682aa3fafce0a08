package pebblestep.app.accounts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import pebblestep.app.configuration.PebbleProperties;
import pebblestep.app.platform.Problems;

/**
 * Slows down who guesses. A try is counted before its password is tested, so that tries at the same moment count as well,
 * and given back when it was right. Who has signed in from a place before waits neither for the others there nor for those
 * who guess at their address from elsewhere.
 */
@Component
class SignInGuard {
    /** Tries at one address from one place; one more every two minutes. */
    static final int TRIES_PER_ACCOUNT = 5;

    /** Tries from one place at whatever addresses; one more every ten seconds. */
    static final int TRIES_PER_PLACE = 30;

    /** Tries at one address from wherever, an hour. */
    static final int TRIES_ANYWHERE = 60;

    /** Addresses and places that share one wait for each other, a tenth of a second at most. */
    private static final int TURNS = 256;

    private static final int LETTERS_AN_HOUR = 3;
    private static final int LETTERS_FROM_PLACE = 20;
    private static final int MOST_REMEMBERED = 100_000;
    private static final Duration HOUR = Duration.ofHours(1);
    private static final Duration KNOWN_FOR = Duration.ofDays(60);

    private final Cache<String, Bucket> atAccount = buckets();
    private final Cache<String, Bucket> fromPlace = buckets();
    private final Cache<String, Bucket> anywhere = buckets();
    private final Cache<String, Bucket> signUps = buckets();
    private final Cache<String, Bucket> letters = buckets();
    private final Cache<String, Boolean> known = Caffeine.newBuilder()
            .expireAfterWrite(KNOWN_FOR)
            .maximumSize(MOST_REMEMBERED)
            .build();
    private final int signUpsPerHour;
    private final Lock[] turns =
            Stream.generate(ReentrantLock::new).limit(TURNS).toArray(Lock[]::new);

    SignInGuard(PebbleProperties properties) {
        this.signUpsPerHour = properties.signUpsPerHour();
    }

    private static Cache<String, Bucket> buckets() {
        // Full again after an hour, whatever was taken: then there is nothing to remember.
        return Caffeine.newBuilder()
                .expireAfterAccess(HOUR)
                .maximumSize(MOST_REMEMBERED)
                .build();
    }

    private static Bucket bucket(int most, int refill, Duration every) {
        return Bucket.builder()
                .addLimit(limit -> limit.capacity(most).refillGreedy(refill, every))
                .build();
    }

    /**
     * Tests a password, one at a time for an address and a place: so wrong ones at the same moment are counted, and right
     * ones at the same moment all come in. Refuses one too many.
     */
    <T> Optional<T> test(String email, String place, Supplier<Optional<T>> password) {
        Lock turn = turns[Math.floorMod((email + "|" + place).hashCode(), TURNS)];
        turn.lock();
        try {
            tries(email, place);
            Optional<T> found = password.get();
            if (found.isPresent()) succeeded(email, place);
            return found;
        } finally {
            turn.unlock();
        }
    }

    /** Counts a try at an address from a place; refuses one too many. */
    void tries(String email, String place) {
        String both = email + "|" + place;
        if (!account(both).tryConsume(1)) {
            throw Problems.tooMany("Too many wrong passwords. Wait two minutes, then try again.");
        }
        if (known.getIfPresent(both) != null) return;
        if (!place(place).tryConsume(1)) {
            throw Problems.tooMany("Too many wrong passwords from here. Wait ten seconds, then try again.");
        }
        if (!any(email).tryConsume(1)) {
            throw Problems.tooMany("Too many wrong passwords for this address. Wait a few minutes, then try again.");
        }
    }

    /** The password was right: what was counted is given back, and the place is known from now on. */
    void succeeded(String email, String place) {
        String both = email + "|" + place;
        account(both).reset();
        if (known.getIfPresent(both) == null) {
            place(place).addTokens(1);
            any(email).addTokens(1);
        }
        known.put(both, true);
    }

    /** Counts a new account against its place; refuses more than the settings allow in an hour. */
    void signsUp(String place) {
        if (!signUps.get(place, key -> bucket(signUpsPerHour, signUpsPerHour, HOUR))
                .tryConsume(1)) {
            throw Problems.tooMany("Too many new accounts from here. Wait an hour, then try again.");
        }
    }

    /** Counts a letter that is asked for; refuses more than an address wants to get, and than a place may ask for. */
    void asksForLetter(String email, String place) {
        boolean few = letters.get("to " + email, key -> bucket(LETTERS_AN_HOUR, LETTERS_AN_HOUR, HOUR))
                        .tryConsume(1)
                && letters.get("from " + place, key -> bucket(LETTERS_FROM_PLACE, LETTERS_FROM_PLACE, HOUR))
                        .tryConsume(1);
        if (!few) throw Problems.tooMany("Too many letters were asked for. Wait an hour, then try again.");
    }

    /** Counts a link of a letter that is opened from a place. */
    void opensLetter(String place) {
        if (!letters.get("open " + place, key -> bucket(TRIES_PER_PLACE, 1, Duration.ofSeconds(10)))
                .tryConsume(1)) {
            throw Problems.tooMany("Too many tries from here. Wait ten seconds, then try again.");
        }
    }

    private Bucket account(String both) {
        return atAccount.get(both, key -> bucket(TRIES_PER_ACCOUNT, 1, Duration.ofMinutes(2)));
    }

    private Bucket place(String place) {
        return fromPlace.get(place, key -> bucket(TRIES_PER_PLACE, 1, Duration.ofSeconds(10)));
    }

    private Bucket any(String email) {
        return anywhere.get(email, key -> bucket(TRIES_ANYWHERE, TRIES_ANYWHERE, HOUR));
    }
}
