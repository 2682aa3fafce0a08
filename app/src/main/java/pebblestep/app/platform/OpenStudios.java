package pebblestep.app.platform;

import java.time.Instant;
import java.util.Optional;

/** Tells which studios are deleted. */
public interface OpenStudios {
    /** When a studio was deleted; empty for one that is there. */
    Optional<Instant> deleted(long studioId);
}
