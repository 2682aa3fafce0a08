package pebblestep.app.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.util.Arrays;
import javax.crypto.Cipher;
import javax.crypto.Mac;
import javax.crypto.spec.GCMParameterSpec;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.stereotype.Component;
import pebblestep.app.configuration.PebbleProperties;

/** What only this installation can make and read, by a key that lies beside the data and not in the database. */
@Component
public class Seals {
    private static final int KEY_BYTES = DataFolder.KEY_BYTES;
    private static final int NONCE_BYTES = 12;
    private static final int TAG_BITS = 128;
    private static final SecureRandom RANDOM = new SecureRandom();

    private final byte[] key;

    public Seals(PebbleProperties properties) {
        this.key = properties.demo() ? newKey() : keptKey(properties.data().resolve(DataFolder.KEY));
    }

    private static byte[] newKey() {
        byte[] key = new byte[KEY_BYTES];
        RANDOM.nextBytes(key);
        return key;
    }

    private static byte[] keptKey(Path file) {
        try {
            if (Files.exists(file)) return Files.readAllBytes(file);
            Files.createDirectories(file.toAbsolutePath().getParent());
            byte[] key = newKey();
            Files.write(file, key, StandardOpenOption.CREATE_NEW);
            DataFolder.closeToOthers(file, "rw-------");
            return key;
        } catch (IOException e) {
            throw new UncheckedIOException("The key of the practice links cannot be read or written: " + file, e);
        }
    }

    /** The seal over some bytes: HMAC-SHA256, of which a part will do. */
    public byte[] seal(byte[] named) {
        try {
            Mac mac = Mac.getInstance("HmacSHA256");
            mac.init(new SecretKeySpec(key, "HmacSHA256"));
            return mac.doFinal(named);
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    /**
     * A text that only this installation reads again: AES-GCM, by a key of its own for what it is.
     *
     * @param what names what it is; the same is needed to read it
     */
    public byte[] close(String what, String text) {
        byte[] nonce = new byte[NONCE_BYTES];
        RANDOM.nextBytes(nonce);
        byte[] closed = cipher(Cipher.ENCRYPT_MODE, what, nonce, text.getBytes(StandardCharsets.UTF_8));
        return ByteBuffer.allocate(nonce.length + closed.length)
                .put(nonce)
                .put(closed)
                .array();
    }

    /** The text that was closed; refuses what another installation closed, and what was changed. */
    public String open(String what, byte[] closed) {
        if (closed.length <= NONCE_BYTES) throw new IllegalArgumentException("too short");
        byte[] nonce = Arrays.copyOf(closed, NONCE_BYTES);
        byte[] text = cipher(Cipher.DECRYPT_MODE, what, nonce, Arrays.copyOfRange(closed, NONCE_BYTES, closed.length));
        return new String(text, StandardCharsets.UTF_8);
    }

    private byte[] cipher(int mode, String what, byte[] nonce, byte[] text) {
        try {
            byte[] its = seal(("close " + what).getBytes(StandardCharsets.UTF_8));
            Cipher cipher = Cipher.getInstance("AES/GCM/NoPadding");
            cipher.init(mode, new SecretKeySpec(its, "AES"), new GCMParameterSpec(TAG_BITS, nonce));
            return cipher.doFinal(text);
        } catch (GeneralSecurityException e) {
            throw new IllegalArgumentException("This was closed elsewhere.", e);
        }
    }
}
