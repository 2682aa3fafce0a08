package pebblestep.documents.bench;

import org.jspecify.annotations.Nullable;
import pebblestep.documents.StepDocument;

/** Which pattern of the catalogue a line has. */
public record PatternAsked(StepDocument.LinePart line) {
    /** Its id; absent for a pattern of one's own, such as a sequence with another cell. */
    public record PatternAnswer(@Nullable String pattern) {}

    /** The answer. */
    public PatternAnswer answer() {
        return new PatternAnswer(Catalogue.patternOf(line));
    }
}
