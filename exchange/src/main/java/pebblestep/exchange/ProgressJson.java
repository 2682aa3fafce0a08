package pebblestep.exchange;

import java.util.Optional;
import pebblestep.core.practice.Progress;
import pebblestep.documents.ProgressDocument;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.ObjectReader;

/** A student's progress with one step, as JSON for a column. */
public final class ProgressJson {
    private static final ObjectReader READER = IdentifiedNames.JSON
            .readerFor(ProgressDocument.class)
            .with(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .with(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES);

    private ProgressJson() {}

    /** Reads the text of a column; empty where another version wrote it, so that it is to be worked out anew. */
    public static Optional<ProgressDocument> parse(String text) {
        try {
            ProgressDocument read = READER.readValue(text);
            return Optional.of(read).filter(document -> document.settled() != null);
        } catch (JacksonException e) {
            return Optional.empty();
        }
    }

    /** The text for a column. */
    public static String text(Progress progress) {
        return IdentifiedNames.JSON.writeValueAsString(ProgressDocument.of(progress));
    }
}
