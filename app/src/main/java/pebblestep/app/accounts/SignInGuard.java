package pebblestep.app.accounts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.Ticker;
import java.time.Duration;
import org.springframework.stereotype.Component;
import pebblestep.app.platform.PebbleProperties;
import pebblestep.app.platform.Problems;

/**
 * Locks out by rate: after five wrong passwords for one e-mail address from one place, or thirty from one place, that
 * place waits ten minutes. Others who use the address are not locked out with it.
 */
@Component
class SignInGuard {
    static final int TRIES_PER_ACCOUNT = 5;
    static final int TRIES_PER_PLACE = 30;
    private static final Duration WAIT = Duration.ofMinutes(10);
    private static final int MOST_REMEMBERED = 100_000;

    private final Cache<String, Integer> failures = counter(WAIT);
    private final Cache<String, Integer> signUps = counter(Duration.ofHours(1));
    private final int signUpsPerHour;

    SignInGuard(PebbleProperties properties) {
        this.signUpsPerHour = properties.signUpsPerHour();
    }

    private static Cache<String, Integer> counter(Duration window) {
        return Caffeine.newBuilder()
                .expireAfterWrite(window)
                .maximumSize(MOST_REMEMBERED)
                .ticker(Ticker.systemTicker())
                .build();
    }

    /** Refuses a try from a place that has failed too often. */
    void checkSignIn(String email, String place) {
        if (count(failures, email + "|" + place) >= TRIES_PER_ACCOUNT || count(failures, place) >= TRIES_PER_PLACE) {
            throw Problems.tooMany("Too many wrong passwords. Wait ten minutes, then try again.");
        }
    }

    void failed(String email, String place) {
        add(failures, email + "|" + place);
        add(failures, place);
    }

    void succeeded(String email, String place) {
        failures.invalidate(email + "|" + place);
    }

    /** Counts a new account against its place; refuses more than the settings allow in an hour. */
    void checkSignUp(String place) {
        if (count(signUps, place) >= signUpsPerHour) {
            throw Problems.tooMany("Too many new accounts from here. Wait an hour, then try again.");
        }
        add(signUps, place);
    }

    private static int count(Cache<String, Integer> counts, String key) {
        Integer count = counts.getIfPresent(key);
        return count == null ? 0 : count;
    }

    private static void add(Cache<String, Integer> counts, String key) {
        counts.asMap().merge(key, 1, Integer::sum);
    }
}
