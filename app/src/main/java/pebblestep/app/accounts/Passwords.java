package pebblestep.app.accounts;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import pebblestep.core.Refusal;

/**
 * Takes passwords that are not easily guessed. How easily is estimated by a library that knows the passwords used most,
 * words, names, dates and rows of keys (OWASP ASVS 5, 6.2.4 and 6.2.11); no kind of character is asked for.
 */
@Component
class Passwords {
    /** BCrypt looks at no more of them. */
    private static final int BCRYPT_BYTES = 72;

    /** From 0, found at once, to 4; 2 takes over a million guesses. */
    private static final int LEAST_SCORE = 2;

    private final PasswordEncoder encoder;

    /** Its word lists take a second to read: only where somebody chooses a password. */
    private static final class Lists {
        static final Zxcvbn GUESSER = new Zxcvbn();
    }

    Passwords(PasswordEncoder encoder) {
        this.encoder = encoder;
    }

    /**
     * The hash to keep of a new password; refuses one that is easy to guess.
     *
     * @param field that holds it
     * @param about what others know of its owner
     */
    String hashOf(String password, String field, String... about) {
        if (password.getBytes(StandardCharsets.UTF_8).length > BCRYPT_BYTES) {
            throw Refusal.of(field, "This password is too long: use at most 72 plain letters.");
        }
        if (Lists.GUESSER.measure(password, List.of(about)).getScore() < LEAST_SCORE) {
            throw Refusal.of(field, "This password is easy to guess.")
                    .fits("Take three or four words that do not belong together.");
        }
        return encoder.encode(password);
    }
}
