package pebblestep.documents.bench;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.passage.Player;
import pebblestep.documents.Fields;
import pebblestep.documents.FingersDocument;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;

/** How a note of a step can be played, by its index in the line. */
public record FingersAsked(StepDocument step, @Nullable PlayerDocument player, int note) {
    /** The ways; refuses a step that cannot be read and a note that it does not have. */
    public FingersDocument answer() {
        Optional<Player> by = Optional.ofNullable(player).map(PlayerDocument::read);
        return Fields.under("step", () -> FingersDocument.of(StepDocuments.read(step), by.orElse(null), note));
    }
}
