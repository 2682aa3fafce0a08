package pebblestep.documents.bench;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Step.Named;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.documents.PassageDocument;
import pebblestep.documents.PassageDocument.Reader;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.SpeechDocument;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;
import pebblestep.documents.Workings;

/**
 * A step to be worked out in the page.
 *
 * @param player for whom; for nobody in particular without
 * @param keysBefore keys that this player was given, the last first: the first that is another than the step's is what the
 *     player comes from
 * @param with what is wanted beside the passage
 */
public record PassageAsked(
        StepDocument step,
        @Nullable PlayerDocument player,
        @Nullable List<StepDocument.KeyPart> keysBefore,
        SpeechDocument speech,
        List<Workings.Extra> with) {

    /** Works it out; refuses what cannot be made by the field of the step. */
    public PassageDocument answer() {
        Optional<Player> by = Optional.ofNullable(player).map(PlayerDocument::read);
        try {
            Step read = StepDocuments.read(step);
            return Workings.of(read, new Reader(by, before(read, by.orElse(null)), speech.read()), extras());
        } catch (Refusal e) {
            throw e.under("step");
        }
    }

    private Optional<Key> before(Step step, @Nullable Player by) {
        if (keysBefore == null) return Optional.empty();
        return keysBefore.stream()
                .filter(part -> !key(part).equals(step.key()))
                .findFirst()
                .map(part -> Passage.writtenKey(key(part), part.named() == null ? Named.CONCERT : part.named(), by));
    }

    private static Key key(StepDocument.KeyPart part) {
        return Key.of(NoteName.parse(part.tonic()), Forms.of(part.form()));
    }

    private Set<Workings.Extra> extras() {
        Set<Workings.Extra> extras = EnumSet.noneOf(Workings.Extra.class);
        extras.addAll(with);
        return extras;
    }
}
