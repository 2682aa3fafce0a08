package pebblestep.app.accounts;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Optional;
import org.springframework.stereotype.Component;
import pebblestep.app.accounts.AccountTokenEntity.Kind;

/** Gives out words for letters, 256 bits each, and takes each back once, within a day. */
@Component
class AccountTokens {
    private static final int BYTES = 32;
    private static final Duration GOOD_FOR = Duration.ofDays(1);
    private static final SecureRandom RANDOM = new SecureRandom();

    private final AccountTokenRepository tokens;
    private final Clock clock;

    AccountTokens(AccountTokenRepository tokens, Clock clock) {
        this.tokens = tokens;
        this.clock = clock;
    }

    /** Keeps what the reader of a letter may do; the answer is the word to write into it. */
    String give(Kind kind, AccountTokenEntity token) {
        byte[] bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        String word = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        token.kind = kind;
        token.hash = hash(word);
        token.expiresAt = clock.instant().plus(GOOD_FOR);
        tokens.deleteByExpiresAtBefore(clock.instant());
        tokens.save(token);
        return word;
    }

    /** What a word lets its bearer do, once; empty where it is unknown, used or too old. */
    Optional<AccountTokenEntity> take(String word) {
        Optional<AccountTokenEntity> found = tokens.findByHash(hash(word));
        found.ifPresent(tokens::delete);
        return found.filter(token -> token.expiresAt.isAfter(clock.instant()));
    }

    /** Forgets what letters to a teacher still let their readers do. */
    void forget(long teacherId) {
        tokens.deleteByTeacherId(teacherId);
    }

    private static String hash(String word) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(word.getBytes(StandardCharsets.UTF_8)));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }
}
