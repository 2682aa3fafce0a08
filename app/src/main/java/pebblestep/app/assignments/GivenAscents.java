package pebblestep.app.assignments;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Component;
import pebblestep.core.climb.Ascent;
import pebblestep.exchange.ClimbDocuments;
import pebblestep.exchange.StepDocuments;

/**
 * The climbs that were given, read once: neither what was given nor what was decided about it is ever changed, so that
 * what was read stays true.
 */
@Component
class GivenAscents {
    /** Enough for what a large studio works on at a time. */
    private static final int MOST = 6_000;

    private final Cache<Long, Ascent> given =
            Caffeine.newBuilder().maximumSize(MOST).build();
    private final Cache<Long, Ascent> changed =
            Caffeine.newBuilder().maximumSize(MOST).build();

    /** As it was given. */
    Ascent of(AssignmentEntity entity) {
        return given.get(
                entity.id, id -> Ascent.of(StepDocuments.read(entity.document), ClimbDocuments.read(entity.climb)));
    }

    /** As the teacher changed it. */
    Ascent of(ChangeEntity change, Ascent before) {
        return changed.get(change.id, id -> Ascent.of(before.step(), ClimbDocuments.read(change.climb)));
    }
}
