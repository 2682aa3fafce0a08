package pebblestep.app.accounts;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;

/** Compares what must not be guessed letter by letter. */
final class Secrets {
    private Secrets() {}

    /** Whether both are the same, found out in a time that does not tell how much of it is. */
    static boolean equal(String one, String other) {
        return MessageDigest.isEqual(one.getBytes(StandardCharsets.UTF_8), other.getBytes(StandardCharsets.UTF_8));
    }
}
