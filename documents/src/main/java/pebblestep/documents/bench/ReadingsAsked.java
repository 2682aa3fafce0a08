package pebblestep.documents.bench;

import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.documents.Fields;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;

/** How each of a mixed class reads one step. */
public record ReadingsAsked(StepDocument step, List<ReaderPart> students) {

    /** A student and what they play. */
    public record ReaderPart(long id, PlayerDocument player) {}

    /** In the order asked for. */
    public record ReadingsAnswer(List<ReadingView> readings) {}

    /**
     * One student's reading: their written key with the lowest and highest note, or why the step does not fit them and
     * what would.
     */
    public record ReadingView(
            long studentId,
            String instrumentName,
            @Nullable String writtenKey,
            @Nullable String lowest,
            @Nullable String highest,
            @Nullable String refusal,
            @Nullable String fits) {}

    /** Everybody's reading; refuses a step that nobody can play. */
    public ReadingsAnswer answer() {
        Step read = Fields.under("step", () -> StepDocuments.read(step));
        return new ReadingsAnswer(students.stream()
                .map(one -> reading(one.id, one.player.read(), read))
                .toList());
    }

    private static ReadingView reading(long id, Player player, Step step) {
        String instrument = player.instrument().name();
        try {
            Passage passage = Passage.of(step, player);
            return new ReadingView(
                    id,
                    instrument,
                    passage.writtenKey().toString(),
                    passage.lowest().id(),
                    passage.highest().id(),
                    null,
                    null);
        } catch (Refusal e) {
            return new ReadingView(
                    id, instrument, null, null, null, e.getMessage(), e.fits().orElse(null));
        }
    }
}
