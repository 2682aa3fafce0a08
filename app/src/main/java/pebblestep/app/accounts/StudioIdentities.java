package pebblestep.app.accounts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.security.SecureRandom;
import java.util.Base64;
import org.springframework.stereotype.Component;
import pebblestep.app.platform.Problems;

/** What tells a studio from every other, also from those of other databases: it never changes. */
@Component
public class StudioIdentities {
    private static final int MOST_KNOWN = 10_000;
    private static final int BYTES = 16;
    private static final SecureRandom RANDOM = new SecureRandom();

    private final Studios studios;
    private final Cache<Long, String> known =
            Caffeine.newBuilder().maximumSize(MOST_KNOWN).build();

    StudioIdentities(Studios studios) {
        this.studios = studios;
    }

    /** The identity of a studio; empty for those that were there before there were any. */
    public String of(long studioId) {
        return known.get(studioId, id -> studios.findById(id)
                .map(studio -> studio.identity)
                .orElseThrow(() -> Problems.notFound("studio")));
    }

    static String anew() {
        byte[] bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }
}
