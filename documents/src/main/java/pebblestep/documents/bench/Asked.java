package pebblestep.documents.bench;

import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Climb;
import pebblestep.core.climb.Outlook;
import pebblestep.core.climb.Position;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.Fields;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;

/** Reads the parts of what is asked, each refused under its field. */
public final class Asked {
    private Asked() {}

    /** A step and its climb from the fields {@code document} and {@code climb}; refuses what cannot be played. */
    static Ascent ascent(StepDocument document, ClimbDocument climb) {
        Step step = Fields.under("document", () -> {
            Step read = StepDocuments.read(document);
            Passage.of(read);
            return read;
        });
        return ascent(step, climb, "climb");
    }

    /** A step with a climb from that field. */
    static Ascent ascent(Step step, ClimbDocument climb, String field) {
        return Fields.under(field, () -> Outlook.requireFew(Ascent.of(step, ClimbDocuments.read(climb))));
    }

    /** A rung of a climb from a list of indices in that field; the first without one. */
    public static Position position(Climb climb, @Nullable List<Integer> rungs, String field) {
        if (rungs == null) return climb.first();
        try {
            Position position = new Position(rungs);
            climb.require(position);
            return position;
        } catch (Refusal e) {
            Refusal refused = Refusal.of(field, e.getMessage());
            throw e.fits().map(refused::fits).orElse(refused);
        }
    }
}
