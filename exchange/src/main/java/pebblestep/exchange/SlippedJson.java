package pebblestep.exchange;

import pebblestep.core.practice.Slipped;
import pebblestep.documents.SlippedDocument;
import tools.jackson.databind.json.JsonMapper;

/** What slipped in a take, as JSON for a column. */
public final class SlippedJson {
    private static final JsonMapper JSON = IdentifiedNames.JSON;

    private SlippedJson() {}

    /** Reads the text of a column. */
    public static Slipped parse(String text) {
        return JSON.readValue(text, SlippedDocument.class).read();
    }

    /** The text for a column. */
    public static String text(Slipped slipped) {
        return JSON.writeValueAsString(SlippedDocument.of(slipped));
    }
}
