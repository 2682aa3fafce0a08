package pebblestep.documents;

import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.hands.Fingering;
import pebblestep.core.hands.Fingering.Stop;
import pebblestep.core.hands.Hand;
import pebblestep.core.hands.Shape;
import pebblestep.core.hands.Toll;

/**
 * How each note of a line is played.
 *
 * @param effort what a second of it costs: 1 is a usual move five times a second
 * @param hardest the moves that cost most, dearest first
 */
public record HandDocument(Hand.Family family, double effort, List<HandNote> notes, List<HardPart> hardest) {
    private static final double THOUSAND = 1000;
    private static final int MOST_HARD = 3;

    /**
     * One note.
     *
     * @param way the name of its way
     * @param text what stands at the note
     * @param cents how far it lies from equal temperament by its physics
     * @param pinned whether somebody fixed it
     * @param move what it costs to get to the next; absent where nothing moves
     */
    public record HandNote(
            int note,
            String way,
            String text,
            double cents,
            boolean pinned,
            @Nullable MovePart move,
            @Nullable ValvesPart valves,
            @Nullable SlidePart slide,
            @Nullable BowedPart bowed,
            @Nullable FretPart fret,
            @Nullable ClosedPart closed) {}

    /** What a move costs, and the parts of it in words. */
    public record MovePart(double cost, List<String> parts) {}

    /** Valves that are down, by number, on a partial; {@code thumb} where it changed to the other side. */
    public record ValvesPart(List<Integer> down, int partial, boolean thumb) {}

    /** A position of a slide; {@code raised} where the partial is flat. */
    public record SlidePart(int position, boolean raised, int partial, int triggers) {}

    /** A finger on a string, which is counted from the highest, 1; finger 0 is the open string. */
    public record BowedPart(
            int string, String name, int finger, Shape.Height height, String position, boolean extended) {}

    /** A finger behind a fret; the first string is 1, and {@code position} the fret at which the first finger stands. */
    public record FretPart(int string, int fret, int finger, int position) {}

    /** Holes that are closed and keys that are pressed, by the names of the chart; what the way is called and what it is for. */
    public record ClosedPart(List<String> pressed, String kind, String purpose) {}

    /** A move that is among the hardest, with the indexes of its notes. */
    public record HardPart(int from, int to, double cost, String words) {}

    static HandDocument of(Fingering fingering) {
        List<Stop> stops = fingering.stops();
        return new HandDocument(
                fingering.family(),
                Rounded.of(fingering.effort()),
                IntStream.range(0, stops.size())
                        .mapToObj(i -> note(i, stops.get(i)))
                        .toList(),
                fingering.hardest(MOST_HARD).stream()
                        .map(hard -> new HardPart(
                                hard.from(),
                                hard.from() + 1,
                                hard.thousandths() / THOUSAND,
                                String.join(", ", hard.why())))
                        .toList());
    }

    private static HandNote note(int index, Stop stop) {
        Shape shape = stop.way().shape();
        return new HandNote(
                index,
                stop.way().id(),
                stop.way().text(),
                Rounded.of(stop.way().cents()),
                stop.pinned(),
                stop.move().isEmpty()
                        ? null
                        : new MovePart(
                                stop.moveCost() / THOUSAND,
                                stop.move().stream().map(Toll::why).toList()),
                shape instanceof Shape.Valved one ? new ValvesPart(one.valves(), one.partial(), one.thumb()) : null,
                shape instanceof Shape.Slid one
                        ? new SlidePart(one.position(), one.raised(), one.partial(), one.triggers())
                        : null,
                shape instanceof Shape.Bowed one
                        ? new BowedPart(
                                one.string(),
                                one.stringName(),
                                one.finger(),
                                one.height(),
                                one.position(),
                                one.extended())
                        : null,
                shape instanceof Shape.Fretted one
                        ? new FretPart(one.string(), one.fret(), one.finger(), one.position())
                        : null,
                shape instanceof Shape.Closed one ? new ClosedPart(one.pressed(), one.kind(), one.purpose()) : null);
    }
}
