package pebblestep.documents;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.fingering.Cost;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.bowed.FingerPattern;
import pebblestep.core.fingering.bowed.StringSigns;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.fingering.search.Fingering.Stop;
import pebblestep.core.fingering.words.NewForHand;
import pebblestep.core.passage.LineHand;

/**
 * How each note of a line is played.
 *
 * @param effort what a second of it costs: 1 is a usual move five times a second
 * @param hardest the moves that cost most, dearest first
 * @param neck absent where there are no strings
 * @param pattern where the fingers stand on each string; absent where there are none
 * @param fresh what is new for the hand since the key before; absent where there was none before
 * @param voices how the other hand plays the voices that it has; absent where it has none
 * @param resting why what is asked does nothing here, a school or fingerings that were fixed; absent where all does
 */
public record HandDocument(
        Hand.Family family,
        double effort,
        List<HandNote> notes,
        List<HardPart> hardest,
        @Nullable NeckDocument neck,
        @Nullable List<PatternPart> pattern,
        @Nullable List<FreshPart> fresh,
        @Nullable List<VoiceFingers> voices,
        @Nullable List<String> resting) {
    private static final double THOUSAND = 1000;
    private static final int MOST_HARD = 3;

    /**
     * One note.
     *
     * @param way the name of its way
     * @param text what stands at the note
     * @param sign the same with an arrow where a finger on a string stands lower or higher than before; absent where it is the same
     * @param beside the string and the position where they change; absent where neither does
     * @param cents how far it lies from equal temperament by its physics
     * @param pinned whether somebody fixed it
     * @param move what it costs to get to the next; absent where nothing moves
     * @param look the data of its picture
     */
    public record HandNote(
            int note,
            String way,
            String text,
            @Nullable String sign,
            @Nullable String beside,
            double cents,
            boolean pinned,
            @Nullable MovePart move,
            LookDocument look) {}

    /**
     * How the other hand plays a voice.
     *
     * @param voice its place among the voices, from 0
     * @param texts what stands at each of its notes
     * @param fresh which of its notes ask something new of the hand; absent where there was no key before
     */
    public record VoiceFingers(int voice, List<String> texts, @Nullable List<Integer> fresh) {
        static VoiceFingers of(int voice, Fingering fingering, @Nullable Fingering before) {
            return new VoiceFingers(
                    voice,
                    fingering.stops().stream().map(stop -> stop.way().text()).toList(),
                    before == null
                            ? null
                            : NewForHand.of(fingering, before).stream()
                                    .flatMap(one -> one.notes().stream())
                                    .sorted()
                                    .toList());
        }
    }

    /** What a move costs, and the parts of it in words. */
    public record MovePart(double cost, List<String> parts) {}

    /** A move that is among the hardest, with the indexes of its notes. */
    public record HardPart(int from, int to, double cost, String words) {}

    /** Where the fingers stand on a string in a position. */
    public record PatternPart(String string, String position, List<DotPart> dots, String words) {}

    /** A finger so many semitones above the open string; {@code close} where the next one touches it. */
    public record DotPart(int finger, int above, boolean close) {}

    /** What the hand has not played in the key before, and at which notes. */
    public record FreshPart(String words, List<Integer> notes) {}

    /**
     * The document of a hand on its line.
     *
     * @param before how the same was fingered in the key before; absent where there was none
     * @param voices how the other hand plays what it has
     */
    static HandDocument of(LineHand hand, @Nullable Fingering before, List<VoiceFingers> voices) {
        Fingering fingering = hand.fingering();
        List<PatternPart> pattern =
                FingerPattern.of(fingering).stream().map(HandDocument::pattern).toList();
        List<Stop> stops = fingering.stops();
        List<StringSigns> signs = StringSigns.of(fingering);
        List<String> resting = Stream.concat(
                        hand.misfit().stream(), hand.resting().stream().map(LineHand.Resting::sentence))
                .toList();
        return new HandDocument(
                fingering.family(),
                Rounded.of(fingering.effort()),
                IntStream.range(0, stops.size())
                        .mapToObj(i -> note(i, stops.get(i), signs.get(i)))
                        .toList(),
                fingering.hardest(MOST_HARD).stream()
                        .map(hard -> new HardPart(
                                hard.from(),
                                hard.from() + 1,
                                hard.thousandths() / THOUSAND,
                                String.join(", ", hard.why())))
                        .toList(),
                NeckDocument.of(hand.hand()),
                pattern.isEmpty() ? null : pattern,
                before == null
                        ? null
                        : NewForHand.of(fingering, before).stream()
                                .map(fresh -> new FreshPart(fresh.words(), fresh.notes()))
                                .toList(),
                voices.isEmpty() ? null : voices,
                resting.isEmpty() ? null : resting);
    }

    private static PatternPart pattern(FingerPattern pattern) {
        return new PatternPart(
                pattern.string(),
                pattern.position(),
                pattern.dots().stream()
                        .map(dot -> new DotPart(dot.finger(), dot.above(), dot.close()))
                        .toList(),
                pattern.inWords());
    }

    private static HandNote note(int index, Stop stop, StringSigns signs) {
        return new HandNote(
                index,
                stop.way().id(),
                stop.way().text(),
                signs.finger().isEmpty() || signs.finger().equals(stop.way().text()) ? null : signs.finger(),
                signs.beside().isEmpty() ? null : signs.beside(),
                Rounded.of(stop.way().cents()),
                stop.pinned(),
                stop.move().isEmpty()
                        ? null
                        : new MovePart(
                                stop.moveCost() / THOUSAND,
                                stop.move().stream().map(Cost::why).toList()),
                LookDocument.of(stop.way().shape()));
    }
}
