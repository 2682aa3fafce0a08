package pebblestep.app.calendar;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Arrays;
import java.util.Base64;
import java.util.Optional;
import org.springframework.stereotype.Component;
import pebblestep.app.storage.Seals;

/**
 * Makes and reads the private part of a calendar's address: whose it is, and 128 bits of a seal over that, how often it was
 * renewed, and the identity of the studio. It opens no practice room.
 */
@Component
class CalendarTokens {
    private static final int SEAL_BYTES = 16;
    private static final int NAMED_BYTES = 1 + Long.BYTES;
    private static final byte[] CALENDAR = "calendar".getBytes(StandardCharsets.US_ASCII);

    private final Seals seals;

    CalendarTokens(Seals seals) {
        this.seals = seals;
    }

    /** Whose calendar it is. */
    enum Of {
        STUDIO,
        STUDENT
    }

    /** What a token names; whether it is sealed is for {@link #isSealed} to say. */
    record Named(Of of, long id) {}

    String token(Named named, int renewed, String studio) {
        byte[] bytes = ByteBuffer.allocate(NAMED_BYTES + SEAL_BYTES)
                .put((byte) named.of.ordinal())
                .putLong(named.id)
                .put(seal(named, renewed, studio))
                .array();
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    static Optional<Named> named(String token) {
        return bytes(token)
                .filter(bytes -> bytes[0] >= 0 && bytes[0] < Of.values().length)
                .map(bytes -> {
                    ByteBuffer read = ByteBuffer.wrap(bytes);
                    return new Named(Of.values()[read.get()], read.getLong());
                });
    }

    boolean isSealed(String token, Named named, int renewed, String studio) {
        return bytes(token)
                .map(bytes -> Arrays.copyOfRange(bytes, NAMED_BYTES, bytes.length))
                .filter(seal -> MessageDigest.isEqual(seal, seal(named, renewed, studio)))
                .isPresent();
    }

    private static Optional<byte[]> bytes(String token) {
        try {
            byte[] bytes = Base64.getUrlDecoder().decode(token);
            return bytes.length == NAMED_BYTES + SEAL_BYTES ? Optional.of(bytes) : Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private byte[] seal(Named named, int renewed, String studio) {
        byte[] identity = studio.getBytes(StandardCharsets.UTF_8);
        byte[] all = ByteBuffer.allocate(CALENDAR.length + NAMED_BYTES + Integer.BYTES + identity.length)
                .put(CALENDAR)
                .put((byte) named.of.ordinal())
                .putLong(named.id)
                .putInt(renewed)
                .put(identity)
                .array();
        return Arrays.copyOf(seals.seal(all), SEAL_BYTES);
    }
}
