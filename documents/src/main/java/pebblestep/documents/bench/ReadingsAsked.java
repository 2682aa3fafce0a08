package pebblestep.documents.bench;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.passage.Part;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.documents.Fields;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;

/**
 * How each of a mixed class reads one step.
 *
 * @param fingers whether each player's fingering is wanted with it
 */
public record ReadingsAsked(StepDocument step, List<ReaderPart> students, @Nullable Boolean fingers) {
    /** Notes whose fingering is said: the first octave and back, as a step usually begins. */
    private static final int MOST_FINGERED = 16;

    /** A student and what they play. */
    public record ReaderPart(long id, PlayerDocument player) {}

    /** In the order asked for. */
    public record ReadingsAnswer(List<ReadingView> readings) {}

    /**
     * One student's reading: their written key with the lowest and highest note, or why the step does not fit them and
     * what would.
     *
     * @param readsWith the first student in the order asked who reads the same notes on the same instrument, or is refused for
     *     the same reason, with the same fingers where those are wanted; themselves where they are the first
     * @param fingering how the first notes are played; absent where it is not wanted or not known
     * @param hardest the hardest move of all, in words; absent where nothing is hard
     */
    public record ReadingView(
            long studentId,
            long readsWith,
            String instrumentName,
            @Nullable String writtenKey,
            @Nullable String lowest,
            @Nullable String highest,
            @Nullable String refusal,
            @Nullable String fits,
            @Nullable List<FingeredNote> fingering,
            @Nullable String hardest) {}

    /** A written note and what stands there for the hand. */
    public record FingeredNote(String pitch, String text) {}

    /** Everybody's reading; refuses a step that nobody can play. */
    public ReadingsAnswer answer() {
        Step read = Fields.under("step", () -> StepDocuments.read(step));
        Map<Same, Long> first = new HashMap<>();
        return new ReadingsAnswer(students.stream()
                .map(one -> reading(one, read, Boolean.TRUE.equals(fingers), first))
                .toList());
    }

    /** What two read alike: an instrument with all that stands in the notes, or the reason why nothing does. */
    private record Same(String instrument, List<?> notes, List<String> fingers) {}

    private static ReadingView reading(ReaderPart reader, Step step, boolean fingered, Map<Same, Long> first) {
        long id = reader.id();
        Player player = reader.player().read();
        String instrument = player.instrument().name();
        try {
            Passage passage = Passage.of(step, player);
            List<?> notes = Stream.concat(
                            Stream.of(passage.notes()), passage.parts().stream().map(Part::notes))
                    .toList();
            Optional<Fingering> fingering = fingered ? passage.fingering(player) : Optional.empty();
            List<Fingering.Stop> stops = fingering.map(Fingering::stops).orElse(List.of());
            List<String> ways = stops.stream().map(stop -> stop.way().id()).toList();
            return new ReadingView(
                    id,
                    firstOf(first, new Same(instrument, notes, ways), id),
                    instrument,
                    passage.writtenKey().toString(),
                    passage.lowest().id(),
                    passage.highest().id(),
                    null,
                    null,
                    fingering.isEmpty()
                            ? null
                            : stops.stream()
                                    .limit(MOST_FINGERED)
                                    .map(stop -> new FingeredNote(
                                            stop.onset().written().id(),
                                            stop.way().text()))
                                    .toList(),
                    fingering.flatMap(ReadingsAsked::hardest).orElse(null));
        } catch (Refusal e) {
            return new ReadingView(
                    id,
                    firstOf(first, new Same(instrument, List.of(e.getMessage()), List.of()), id),
                    instrument,
                    null,
                    null,
                    null,
                    e.getMessage(),
                    e.fits().orElse(null),
                    null,
                    null);
        }
    }

    private static Optional<String> hardest(Fingering fingering) {
        return fingering.hardest(1).stream()
                .findFirst()
                .map(hard -> fingering.stops().get(hard.from()).onset().written() + " to "
                        + fingering.stops().get(hard.from() + 1).onset().written() + ": "
                        + String.join(", ", hard.why()));
    }

    private static long firstOf(Map<Same, Long> first, Same same, long id) {
        Long before = first.putIfAbsent(same, id);
        return before == null ? id : before;
    }
}
