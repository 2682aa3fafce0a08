package pebblestep.app.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.LongSupplier;
import org.springframework.stereotype.Component;
import pebblestep.app.configuration.PebbleProperties;

/**
 * How much room there is where the data lies. Below the reserve nothing is written any more, so that reading goes on and
 * the database is not torn in the middle of a row.
 */
@Component
public class Space {
    private static final long MEGABYTE = 1L << 20;
    private static final long LOOK_EVERY_NANOS = 1_000_000_000L;

    private final long reserve;
    private final boolean inMemory;
    private final Path folder;
    private volatile LongSupplier usable = this::onDisk;
    private volatile long looked;
    private volatile boolean low;

    Space(PebbleProperties properties) {
        this.reserve = properties.reserveMegabytes() * MEGABYTE;
        this.inMemory = properties.demo();
        this.folder = properties.data();
        this.looked = System.nanoTime() - LOOK_EVERY_NANOS;
    }

    /** Whether there is too little to write; looked up once a second. */
    boolean isLow() {
        if (inMemory) return false;
        long now = System.nanoTime();
        if (now - looked >= LOOK_EVERY_NANOS) {
            looked = now;
            low = usable.getAsLong() < reserve;
        }
        return low;
    }

    /** Megabytes that are left. */
    long megabytes() {
        return usable.getAsLong() / MEGABYTE;
    }

    private long onDisk() {
        try {
            Path there = Files.exists(folder) ? folder : Path.of(".");
            return Files.getFileStore(there.toAbsolutePath()).getUsableSpace();
        } catch (IOException e) {
            return Long.MAX_VALUE;
        }
    }

    /** For tests: another disk, looked at from now on. */
    void measuredBy(LongSupplier other) {
        usable = other;
        looked = System.nanoTime() - LOOK_EVERY_NANOS;
    }
}
