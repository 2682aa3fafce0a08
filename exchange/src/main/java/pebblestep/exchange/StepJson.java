package pebblestep.exchange;

import pebblestep.core.passage.Step;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Steps as JSON. What is read is held against the published schema before it becomes a step. */
public final class StepJson {
    private static final JsonMapper JSON = IdentifiedNames.JSON;
    private static final String WALK = "walk";
    private static final String NAMED = "thereAndBack";
    private static final String HYPHENED = "there-and-back";

    private StepJson() {}

    /** Reads a step from text; refuses text that is no JSON, and documents that {@link #read(JsonNode)} refuses. */
    public static Step read(String json) {
        return read(DocumentSchema.tree(json));
    }

    /** Reads a step; refuses the first field that is unknown, malformed, out of range or not carried. */
    public static Step read(JsonNode json) {
        JsonNode named = asNamed(json);
        DocumentSchema.STEP.check(named);
        return StepDocuments.read(JSON.treeToValue(named, StepDocument.class));
    }

    /** A walk's way back has been published with hyphens, unlike every other field; both are read. */
    private static JsonNode asNamed(JsonNode json) {
        if (!(json.path(WALK) instanceof ObjectNode walk) || !walk.has(HYPHENED) || walk.has(NAMED)) return json;
        ObjectNode copy = (ObjectNode) json.deepCopy();
        ObjectNode renamed = (ObjectNode) copy.get(WALK);
        renamed.set(NAMED, renamed.remove(HYPHENED));
        return copy;
    }

    /** Writes a step as text, for a file or a column. */
    public static String writeText(Step step) {
        return JSON.writeValueAsString(StepDocuments.write(step));
    }
}
