package pebblestep.app.archive;

import java.util.List;
import java.util.function.LongFunction;
import java.util.stream.StreamSupport;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The steps that a key plan names in its own text. */
final class PlanPointers {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String STEP = "stepId";

    private PlanPointers() {}

    /** Which steps it names. */
    static List<Long> steps(String text) {
        return StreamSupport.stream(JSON.readTree(text).spliterator(), false)
                .map(row -> row.path(STEP).asLong())
                .toList();
    }

    /** The same text, naming them otherwise; 0 for one that is not there. */
    static String moved(String text, LongFunction<@Nullable Long> otherwise) {
        JsonNode rows = JSON.readTree(text);
        for (JsonNode row : rows) {
            Long now = otherwise.apply(row.path(STEP).asLong());
            ((ObjectNode) row).put(STEP, now == null ? 0 : now);
        }
        return JSON.writeValueAsString(rows);
    }
}
