package pebblestep.exchange;

import pebblestep.core.passage.Step;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Steps as JSON. What is read is held against the published schema before it becomes a step. */
public final class StepJson {
    private static final JsonMapper JSON = IdentifiedNames.JSON;

    private StepJson() {}

    /** Reads a step from text; refuses text that is no JSON, and documents that {@link #read(JsonNode)} refuses. */
    public static Step read(String json) {
        return read(DocumentSchema.tree(json));
    }

    /** Reads a step; refuses the first field that is unknown, malformed, out of range or not carried. */
    public static Step read(JsonNode json) {
        DocumentSchema.STEP.check(json);
        return StepDocuments.read(JSON.treeToValue(json, StepDocument.class));
    }

    /** Writes a step as text, for a file or a column. */
    public static String writeText(Step step) {
        return JSON.writeValueAsString(StepDocuments.write(step));
    }
}
