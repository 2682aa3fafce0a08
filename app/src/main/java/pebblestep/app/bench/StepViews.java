package pebblestep.app.bench;

import pebblestep.documents.ClimbDocument;
import pebblestep.documents.StepDocument;

/** What the API takes and shows of kept steps. */
public final class StepViews {
    private StepViews() {}

    /** A kept step. */
    public record StepView(
            long id,
            long routineId,
            String title,
            String summary,
            StepDocument document,
            ClimbDocument climb,
            int version) {}
}
