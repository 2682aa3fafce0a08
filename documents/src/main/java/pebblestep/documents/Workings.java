package pebblestep.documents;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Identified;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.notation.Score;
import pebblestep.core.passage.Part;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.landing.Landing;
import pebblestep.core.scale.Key;
import pebblestep.documents.HandDocument.VoiceFingers;

/** Works a step out as a document: the passage, and what is drawn and sounded beside it as far as it is asked for. */
public final class Workings {
    /** What can be asked for beside the passage. */
    public enum Extra implements Identified {
        SCORE,
        CLICKS,
        PULSE,
        NEAR,
        HAND
    }

    private Workings() {}

    /**
     * The passage of a step; a place that cannot be written in notes leaves the score out and says why.
     *
     * @param reader for whom it is said
     */
    public static PassageDocument of(Step step, PassageDocument.Reader reader, Set<Extra> extras) {
        Passage passage = Passage.of(step, reader.player().orElse(null));
        return of(passage, Landing.of(step), reader, extras, null);
    }

    /**
     * The part of a further voice, for whoever plays it; it alone is written.
     *
     * @param reader for whom the step itself is said
     * @param part which voice, from 0; refuses one that there is not
     */
    public static PassageDocument ofPart(Step step, PassageDocument.Reader reader, Set<Extra> extras, int part) {
        Player lead = reader.player().orElse(null);
        Passage passage = Passage.of(step, lead);
        Passage turned = passage.turnedTo(part, lead);
        Part own = passage.parts().get(part);
        PassageDocument.Reader partner = new PassageDocument.Reader(own.player(), Optional.empty(), reader.speech());
        return of(
                turned,
                Landing.of(own, step),
                partner,
                extras,
                Score.ofLine(turned, own.player().orElse(null)));
    }

    private static PassageDocument of(
            Passage passage, Landing landing, PassageDocument.Reader reader, Set<Extra> extras, @Nullable Score alone) {
        return PassageDocument.of(
                passage,
                landing,
                reader,
                new PassageDocument.Beside(
                        extras.contains(Extra.SCORE) ? notated(passage, reader, alone) : null,
                        extras.contains(Extra.CLICKS) ? ClicksDocument.of(passage, reader.reference()) : null,
                        extras.contains(Extra.PULSE)
                                ? PulseDocument.of(
                                        passage, landing, reader.speech().school())
                                : null,
                        extras.contains(Extra.NEAR) ? PassageDocument.near(passage.step(), reader.speech()) : null,
                        extras.contains(Extra.HAND) ? hand(passage, reader) : null,
                        extras.contains(Extra.HAND)
                                ? PedalsDocument.of(passage, reader.player().orElse(null))
                                : null));
    }

    private static @Nullable HandDocument hand(Passage passage, PassageDocument.Reader reader) {
        Player player = reader.player().orElse(null);
        Passage before = reader.before()
                .flatMap(key -> inKey(passage.step(), key, player))
                .orElse(null);
        return passage.hand(player)
                .map(hand -> HandDocument.of(
                        hand,
                        before == null ? null : before.fingering(player).orElse(null),
                        voices(passage, before, player)))
                .orElse(null);
    }

    /** How the other hand of the player goes through each voice that it has. */
    private static List<VoiceFingers> voices(Passage passage, @Nullable Passage before, @Nullable Player player) {
        List<VoiceFingers> voices = new ArrayList<>();
        for (int part = 0; part < passage.parts().size(); part++) {
            Fingering fingering = passage.otherHand(part, player).orElse(null);
            if (fingering == null) continue;
            Fingering known =
                    before == null ? null : before.otherHand(part, player).orElse(null);
            voices.add(VoiceFingers.of(part, fingering, known));
        }
        return voices;
    }

    /** A step in another key; empty where it does not fit there. */
    private static Optional<Passage> inKey(Step step, Key key, @Nullable Player player) {
        try {
            return Optional.of(Passage.of(step.inWrittenKey(key), player));
        } catch (Refusal e) {
            return Optional.empty();
        }
    }

    private static PassageDocument.NotatedPart notated(
            Passage passage, PassageDocument.Reader reader, @Nullable Score alone) {
        try {
            Score score = alone == null ? Score.of(passage, reader.player().orElse(null)) : alone;
            return new PassageDocument.NotatedPart(ScoreDocument.of(score), null);
        } catch (Refusal e) {
            return new PassageDocument.NotatedPart(null, e.getMessage());
        }
    }
}
