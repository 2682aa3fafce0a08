package pebblestep.documents;

import java.util.Set;
import pebblestep.core.Identified;
import pebblestep.core.Refusal;
import pebblestep.core.notation.Score;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.landing.Landing;

/** Works a step out as a document: the passage, and what is drawn and sounded beside it as far as it is asked for. */
public final class Workings {
    /** What can be asked for beside the passage. */
    public enum Extra implements Identified {
        SCORE,
        CLICKS,
        PULSE,
        NEAR
    }

    private Workings() {}

    /**
     * The passage of a step; a place that cannot be written in notes leaves the score out and says why.
     *
     * @param reader for whom it is said
     */
    public static PassageDocument of(Step step, PassageDocument.Reader reader, Set<Extra> extras) {
        Passage passage = Passage.of(step, reader.player().orElse(null));
        Landing landing = Landing.of(step);
        return PassageDocument.of(
                passage,
                landing,
                reader,
                new PassageDocument.Beside(
                        extras.contains(Extra.SCORE) ? notated(passage, reader) : null,
                        extras.contains(Extra.CLICKS) ? ClicksDocument.of(passage, reader.reference()) : null,
                        extras.contains(Extra.PULSE)
                                ? PulseDocument.of(
                                        passage, landing, reader.speech().school())
                                : null,
                        extras.contains(Extra.NEAR) ? PassageDocument.near(step, reader.speech()) : null));
    }

    private static PassageDocument.NotatedPart notated(Passage passage, PassageDocument.Reader reader) {
        try {
            return new PassageDocument.NotatedPart(
                    ScoreDocument.of(Score.of(passage, reader.player().orElse(null))), null);
        } catch (Refusal e) {
            return new PassageDocument.NotatedPart(null, e.getMessage());
        }
    }
}
