package pebblestep.app.post;

import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayDeque;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import pebblestep.app.configuration.PebbleProperties;
import pebblestep.app.storage.DataFolder;

/**
 * Takes letters where no mail server is named. Of a demo they are kept in memory and shown; else they lie as {@code .eml}
 * files (RFC 5322) beside the data, where only its owner can read them: whoever could read them here could come in.
 */
@Component
public class Mailbox {
    private static final Logger LOG = LoggerFactory.getLogger(Mailbox.class);
    private static final String FOLDER = "mailbox";
    private static final int MOST = 200;
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss-SSSSSSSSS");

    private final PebbleProperties properties;
    private final Clock clock;
    private final Deque<Kept> shown = new ArrayDeque<>();

    Mailbox(PebbleProperties properties, Clock clock) {
        this.properties = properties;
        this.clock = clock;
    }

    /** A letter that was taken. */
    public record Kept(Instant at, String to, String subject, String text) {}

    void keep(Letter letter, MimeMessage message) {
        if (properties.demo()) {
            synchronized (shown) {
                shown.addFirst(new Kept(clock.instant(), letter.to(), letter.subject(), letter.text()));
                if (shown.size() > MOST) shown.removeLast();
            }
            return;
        }
        try {
            Path folder = Files.createDirectories(properties.data().resolve(FOLDER));
            DataFolder.closeToOthers(folder, "rwx------");
            Path file = Files.createFile(folder.resolve(LocalDateTime.now(clock).format(MOMENT) + ".eml"));
            DataFolder.closeToOthers(file, "rw-------");
            try (OutputStream out = Files.newOutputStream(file)) {
                message.writeTo(out);
            }
            dropOld(folder);
            LOG.warn("No mail server is named (spring.mail.host): a letter lies in {}.", file);
        } catch (IOException | MessagingException e) {
            LOG.error("A letter could not be kept: {}", e.getClass().getSimpleName());
        }
    }

    private static void dropOld(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            List<Path> all = files.sorted(Comparator.reverseOrder()).toList();
            for (Path old : all.subList(Math.min(MOST, all.size()), all.size())) Files.deleteIfExists(old);
        }
    }

    /** The letters of a demo, newest first. */
    List<Kept> shown() {
        synchronized (shown) {
            return List.copyOf(shown);
        }
    }
}
