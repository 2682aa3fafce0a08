package pebblestep.app.assignments;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import pebblestep.app.platform.InParts;
import pebblestep.core.climb.Ascent;
import pebblestep.exchange.ClimbJson;
import pebblestep.exchange.StepJson;

/**
 * The climbs that were given, read once: neither what was given nor what was decided about it is ever changed, so that
 * what was read stays true.
 */
@Component
class GivenAscents {
    /** Enough for everything that a large studio was given in years. */
    private static final int MOST = 16_000;

    private static final int MOST_TEXTS = 4_000;

    private final AssignmentRepository assignments;
    private final Cache<Long, Ascent> given =
            Caffeine.newBuilder().maximumSize(MOST).build();
    private final Cache<String, Ascent> byText =
            Caffeine.newBuilder().maximumSize(MOST_TEXTS).build();
    private final Cache<Long, Ascent> changed =
            Caffeine.newBuilder().maximumSize(MOST).build();

    /** The texts of one assignment. */
    record Texts(long id, String document, String climb) {}

    GivenAscents(AssignmentRepository assignments) {
        this.assignments = assignments;
    }

    /** As they were given, by assignment. */
    Map<Long, Ascent> of(Collection<Long> assignmentIds) {
        Map<Long, Ascent> found = new HashMap<>(given.getAllPresent(assignmentIds));
        List<Long> missing =
                assignmentIds.stream().filter(id -> !found.containsKey(id)).toList();
        for (Texts texts : InParts.of(missing, assignments::texts)) {
            // The same step is given to many students; it is kept once.
            Ascent ascent = byText.get(
                    texts.document + texts.climb,
                    both -> Ascent.of(StepJson.read(texts.document), ClimbJson.read(texts.climb)));
            given.put(texts.id, ascent);
            found.put(texts.id, ascent);
        }
        return found;
    }

    /** What is being given: its id is never given again, so that it may be kept before it is committed. */
    void given(long assignmentId, Ascent ascent) {
        given.put(assignmentId, ascent);
    }

    /** As the teacher changed it: another climb of the step that was given, or of another step. */
    Ascent of(long changeId, String climb, @Nullable String document, Ascent given) {
        return changed.get(
                changeId,
                id -> Ascent.of(document == null ? given.step() : StepJson.read(document), ClimbJson.read(climb)));
    }
}
