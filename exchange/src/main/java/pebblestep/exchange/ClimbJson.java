package pebblestep.exchange;

import java.util.List;
import pebblestep.core.climb.Climb;
import pebblestep.core.climb.Rung;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.ClimbDocuments.PlayedPart;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Climbs, and rungs that were played, as JSON. What is read is held against the published schema first. */
public final class ClimbJson {
    private static final JsonMapper JSON = IdentifiedNames.JSON;

    private ClimbJson() {}

    /** Reads a climb from text; refuses text that is no JSON, and documents that {@link #read(JsonNode)} refuses. */
    public static Climb read(String json) {
        return read(DocumentSchema.tree(json));
    }

    /** Reads a climb; refuses the first field that is unknown, malformed, out of range or of another axis. */
    public static Climb read(JsonNode json) {
        DocumentSchema.CLIMB.check(json);
        return ClimbDocuments.read(JSON.treeToValue(json, ClimbDocument.class));
    }

    /** Writes a climb as text, for a file or a column. */
    public static String writeText(Climb climb) {
        return JSON.writeValueAsString(ClimbDocuments.write(climb));
    }

    /** Reads rungs that were played from the text of a column. */
    public static List<Rung> playedFrom(String text) {
        return ClimbDocuments.played(List.of(JSON.readValue(text, PlayedPart[].class)));
    }

    /** Writes rungs that were played as text, for a column. */
    public static String writePlayed(List<Rung> rungs) {
        return JSON.writeValueAsString(ClimbDocuments.parts(rungs));
    }
}
