package pebblestep.app.platform;

import java.time.Instant;
import java.util.Optional;

/** Tells whether a studio is deleted. */
public interface OpenStudios {
    /** When a studio was deleted; empty where it is not. */
    Optional<Instant> deleted(long studioId);
}
