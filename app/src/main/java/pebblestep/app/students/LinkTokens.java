package pebblestep.app.students;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Arrays;
import java.util.Base64;
import java.util.Optional;
import org.springframework.stereotype.Component;
import pebblestep.app.storage.Seals;

/**
 * Makes and reads the tokens of practice links: the student's id, and 128 bits of an HMAC-SHA256 over the id, the link's
 * version and the identity of the studio. Nothing secret stands in the database; a renewed link has another version, so the old one is wrong.
 */
@Component
class LinkTokens {
    private static final int SEAL_BYTES = 16;
    private static final int ROOM_BYTES = 9;
    private static final byte[] ROOM = "room".getBytes(StandardCharsets.US_ASCII);

    private final Seals seals;

    LinkTokens(Seals seals) {
        this.seals = seals;
    }

    /**
     * The token of a student's link.
     *
     * @param studio the identity of the studio, for which it is sealed
     */
    String token(long studentId, int linkVersion, String studio) {
        byte[] bytes = ByteBuffer.allocate(Long.BYTES + SEAL_BYTES)
                .putLong(studentId)
                .put(seal(studentId, linkVersion, studio))
                .array();
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** A name of a student's room that outlives the links to it, and that tells nothing about the student. */
    String room(long studentId, String studio) {
        byte[] identity = studio.getBytes(StandardCharsets.UTF_8);
        byte[] named = ByteBuffer.allocate(Long.BYTES + ROOM.length + identity.length)
                .put(ROOM)
                .putLong(studentId)
                .put(identity)
                .array();
        return Base64.getUrlEncoder().withoutPadding().encodeToString(Arrays.copyOf(seals.seal(named), ROOM_BYTES));
    }

    /** The student a token names; whether the name is sealed is for {@link #isSealed} to say. */
    Optional<Long> studentId(String token) {
        return bytes(token).map(bytes -> ByteBuffer.wrap(bytes).getLong());
    }

    /** Whether the token was made for that version of the student's link in that studio. */
    boolean isSealed(String token, long studentId, int linkVersion, String studio) {
        return bytes(token)
                .map(bytes -> Arrays.copyOfRange(bytes, Long.BYTES, bytes.length))
                .filter(seal -> MessageDigest.isEqual(seal, seal(studentId, linkVersion, studio)))
                .isPresent();
    }

    private static Optional<byte[]> bytes(String token) {
        try {
            byte[] bytes = Base64.getUrlDecoder().decode(token);
            return bytes.length == Long.BYTES + SEAL_BYTES ? Optional.of(bytes) : Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private byte[] seal(long studentId, int linkVersion, String studio) {
        byte[] identity = studio.getBytes(StandardCharsets.UTF_8);
        byte[] named = ByteBuffer.allocate(Long.BYTES + Integer.BYTES + identity.length)
                .putLong(studentId)
                .putInt(linkVersion)
                .put(identity)
                .array();
        return Arrays.copyOf(seals.seal(named), SEAL_BYTES);
    }
}
