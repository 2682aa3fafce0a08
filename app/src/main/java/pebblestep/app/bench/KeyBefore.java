package pebblestep.app.bench;

import java.util.List;
import java.util.Optional;
import pebblestep.core.passage.Step;
import pebblestep.documents.StepDocument;

/** Knows what a student was given last, and so which key they come from. */
public interface KeyBefore {
    /** The step in another key than this one that the student was given last; empty for a first key. */
    Optional<Step> stepBefore(long studioId, long studentId, Step step);

    /** The last keys that a student was given, the last first: two at most, so that one is another than a step's. */
    List<StepDocument.KeyPart> lastKeys(long studioId, long studentId);
}
