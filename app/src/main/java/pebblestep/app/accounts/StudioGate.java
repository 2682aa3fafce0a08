package pebblestep.app.accounts;

import java.time.Instant;
import java.util.Optional;
import org.springframework.stereotype.Component;
import pebblestep.app.platform.OpenStudios;
import pebblestep.app.platform.Remembered;

/** Tells which studios are deleted: asked with every request, so it is remembered. */
@Component
public class StudioGate implements OpenStudios {
    private static final int MOST_KNOWN = 10_000;

    private final Studios studios;
    private final Remembered<Long, Optional<Instant>> known = Remembered.most(MOST_KNOWN);

    StudioGate(Studios studios) {
        this.studios = studios;
    }

    /** When a studio was deleted; empty for one that is there. */
    @Override
    public Optional<Instant> deleted(long studioId) {
        return known.get(studioId).orElseGet(() -> studios.findById(studioId)
                .map(studio -> {
                    Optional<Instant> deleted = Optional.ofNullable(studio.deletedAt);
                    known.read(studioId, studio.version, deleted);
                    return deleted;
                })
                .orElse(Optional.of(Instant.EPOCH)));
    }

    /** A studio was deleted or taken back; it is read again once that is committed. */
    public void changed(long studioId, long version) {
        known.write(studioId, () -> version, () -> null);
    }
}
