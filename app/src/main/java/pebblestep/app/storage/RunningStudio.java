package pebblestep.app.storage;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.HexFormat;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import pebblestep.app.configuration.PebbleProperties;

/**
 * Where the commands of this machine find a running studio, and what they say so that it believes them: written to a file
 * that only the owner of the data can read, anew at each start.
 */
@Component
class RunningStudio {
    static final String FILE = "running";
    private static final int BYTES = 24;

    private final PebbleProperties properties;
    private final String token;

    RunningStudio(PebbleProperties properties) {
        this.properties = properties;
        byte[] bytes = new byte[BYTES];
        new SecureRandom().nextBytes(bytes);
        this.token = HexFormat.of().formatHex(bytes);
    }

    /** Where a studio runs. */
    record Running(int port, String token) {
        /** Of the studio that runs with these data; null where none has written it down. */
        static @Nullable Running in(Path folder) {
            try {
                String[] parts = Files.readString(folder.resolve(FILE)).strip().split(" ");
                return parts.length == 2 ? new Running(Integer.parseInt(parts[0]), parts[1]) : null;
            } catch (IOException | NumberFormatException e) {
                return null;
            }
        }
    }

    @EventListener
    void ready(ApplicationReadyEvent event) throws IOException {
        Path folder = properties.data();
        if (properties.demo() || !Files.isDirectory(folder)) return;
        if (!(event.getApplicationContext() instanceof ServletWebServerApplicationContext web)) return;
        if (web.getWebServer() == null) return;
        Path file = folder.resolve(FILE);
        Files.deleteIfExists(file);
        Files.createFile(file);
        DataFolder.closeToOthers(file, "rw-------");
        byte[] said = (web.getWebServer().getPort() + " " + token).getBytes(StandardCharsets.UTF_8);
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
            channel.write(java.nio.ByteBuffer.wrap(said));
        }
    }

    boolean believes(@Nullable String said) {
        return said != null
                && MessageDigest.isEqual(said.getBytes(StandardCharsets.UTF_8), token.getBytes(StandardCharsets.UTF_8));
    }
}
