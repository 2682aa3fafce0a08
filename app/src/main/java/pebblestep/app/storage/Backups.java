package pebblestep.app.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import pebblestep.app.configuration.PebbleProperties;

/** Makes a backup every night, keeps the last seven, and tells when it last went well. */
@Service
public class Backups {
    /** Nights that are kept. */
    static final int KEPT = 7;

    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
    private static final LocalTime NIGHT = LocalTime.of(3, 30);
    private static final String FOLDER = "backups";
    private static final String PREFIX = "pebble-";
    private static final String SUFFIX = ".zip";

    private final DataSource source;
    private final PebbleProperties properties;
    private final Clock clock;
    private volatile @Nullable String wrong;

    Backups(DataSource source, PebbleProperties properties, Clock clock) {
        this.source = source;
        this.properties = properties;
        this.clock = clock;
    }

    /**
     * How it stands with the backups.
     *
     * @param kept whether anything is kept here at all; a demo keeps nothing
     * @param last when the last one was made; absent before the first
     * @param count how many there are
     * @param megabytes what the last one takes
     * @param wrong why the last night has none; absent where it went well
     */
    public record BackupsView(
            boolean kept, @Nullable Instant last, int count, double megabytes, @Nullable String wrong) {}

    /** How it stands. */
    public BackupsView view() {
        if (isInMemory()) return new BackupsView(false, null, 0, 0, null);
        List<Path> all = nightly();
        Path last = all.isEmpty() ? null : all.getLast();
        return new BackupsView(
                true,
                last == null ? null : modified(last),
                all.size(),
                last == null ? 0 : Math.round(size(last) / 1e5) / 10.0,
                wrong);
    }

    /** Looks whether the last night has its backup; one that was slept through is made up for. */
    @Scheduled(initialDelayString = "PT2M", fixedDelayString = "PT10M")
    void night() {
        if (isInMemory()) return;
        LocalDateTime now = LocalDateTime.now(clock);
        LocalDate night = now.toLocalTime().isBefore(NIGHT) ? now.toLocalDate().minusDays(1) : now.toLocalDate();
        if (Files.exists(file(night))) return;
        try {
            BackupFile.Content content = to(file(night));
            wrong = null;
            LOG.debug("The nightly backup holds {}.", content.inWords());
            dropOld();
        } catch (CannotKeep e) {
            wrong = e.getMessage();
            LOG.error("{}", e.getMessage());
        }
    }

    /** Makes a backup in a file while everything goes on. */
    BackupFile.Content to(Path file) {
        if (isInMemory()) throw new CannotKeep("This studio is kept in memory alone; there is nothing to back up.");
        try (Connection database = source.getConnection()) {
            return new BackupFile(file).write(database, properties.data().resolve(DataFolder.KEY));
        } catch (SQLException e) {
            throw new CannotKeep("The database cannot be reached: " + e.getMessage(), e);
        }
    }

    private boolean isInMemory() {
        return properties.demo() || !Files.exists(properties.data().resolve(DataFolder.DATABASE));
    }

    private Path file(LocalDate night) {
        return properties.data().resolve(FOLDER).resolve(PREFIX + night + SUFFIX);
    }

    /** Oldest first: their names are their days. */
    private List<Path> nightly() {
        Path folder = properties.data().resolve(FOLDER);
        if (!Files.isDirectory(folder)) return List.of();
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(one -> one.getFileName().toString().startsWith(PREFIX)
                            && one.getFileName().toString().endsWith(SUFFIX))
                    .sorted(Comparator.comparing(one -> one.getFileName().toString()))
                    .toList();
        } catch (IOException e) {
            return List.of();
        }
    }

    private void dropOld() {
        List<Path> all = nightly();
        for (Path old : all.subList(0, Math.max(0, all.size() - KEPT))) {
            try {
                Files.deleteIfExists(old);
            } catch (IOException e) {
                LOG.warn("The old backup {} cannot be taken away.", old);
            }
        }
    }

    private static @Nullable Instant modified(Path file) {
        try {
            return Files.getLastModifiedTime(file).toInstant();
        } catch (IOException e) {
            return null;
        }
    }

    private static long size(Path file) {
        try {
            return Files.size(file);
        } catch (IOException e) {
            return 0;
        }
    }
}
