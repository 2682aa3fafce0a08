package pebblestep.documents.bench;

import java.util.List;
import pebblestep.core.passage.DisplacementTour;
import pebblestep.documents.Fields;
import pebblestep.documents.SpeechDocument;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;

/** The displacements to master with a step's line. */
public record TourAsked(StepDocument step, SpeechDocument speech) {

    /** In teaching order, each a step of its own. */
    public record TourAnswer(List<StepDocument> steps) {}

    /** The tour; refuses a step that cannot be made. */
    public TourAnswer answer() {
        return Fields.under(
                "step",
                () -> new TourAnswer(DisplacementTour.named(StepDocuments.read(step), speech.read()).stream()
                        .map(StepDocuments::write)
                        .toList()));
    }
}
