package pebblestep.documents.bench;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Part;
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
     *
     * @param readsWith the first student in the order asked who reads the same notes on the same instrument, or is refused for
     *     the same reason; themselves where they are the first
     */
    public record ReadingView(
            long studentId,
            long readsWith,
            String instrumentName,
            @Nullable String writtenKey,
            @Nullable String lowest,
            @Nullable String highest,
            @Nullable String refusal,
            @Nullable String fits) {}

    /** Everybody's reading; refuses a step that nobody can play. */
    public ReadingsAnswer answer() {
        Step read = Fields.under("step", () -> StepDocuments.read(step));
        Map<Same, Long> first = new HashMap<>();
        return new ReadingsAnswer(students.stream()
                .map(one -> reading(one.id, one.player.read(), read, first))
                .toList());
    }

    /** What two read alike: an instrument with all that stands in the notes, or the reason why nothing does. */
    private record Same(String instrument, List<?> notes) {}

    private static ReadingView reading(long id, Player player, Step step, Map<Same, Long> first) {
        String instrument = player.instrument().name();
        try {
            Passage passage = Passage.of(step, player);
            List<?> notes = Stream.concat(
                            Stream.of(passage.notes()), passage.parts().stream().map(Part::notes))
                    .toList();
            return new ReadingView(
                    id,
                    firstOf(first, new Same(instrument, notes), id),
                    instrument,
                    passage.writtenKey().toString(),
                    passage.lowest().id(),
                    passage.highest().id(),
                    null,
                    null);
        } catch (Refusal e) {
            return new ReadingView(
                    id,
                    firstOf(first, new Same(instrument, List.of(e.getMessage())), id),
                    instrument,
                    null,
                    null,
                    null,
                    e.getMessage(),
                    e.fits().orElse(null));
        }
    }

    private static long firstOf(Map<Same, Long> first, Same same, long id) {
        Long before = first.putIfAbsent(same, id);
        return before == null ? id : before;
    }
}
