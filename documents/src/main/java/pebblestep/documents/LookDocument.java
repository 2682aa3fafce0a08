package pebblestep.documents;

import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.words.ShapeWords;

/**
 * What a hand looks like on a note, as data of its picture: one of these is there, by the family of the instrument, or
 * none where the hand has no way.
 *
 * @param words the same in words
 */
public record LookDocument(
        String words,
        @Nullable ValvesPart valves,
        @Nullable SlidePart slide,
        @Nullable BowedPart bowed,
        @Nullable FretPart fret,
        @Nullable PressedPart key,
        @Nullable ClosedPart closed,
        @Nullable StruckPart mallet) {

    /** Valves that are down of so many, by number, on a partial; {@code thumb} where it changed to the other side. */
    public record ValvesPart(List<Integer> down, int count, int partial, boolean thumb) {}

    /** A position of a slide; {@code raised} where the partial is flat. */
    public record SlidePart(int position, boolean raised, int partial, int triggers) {}

    /**
     * A finger on a string, which is counted from the highest, 1; finger 0 is the open string and -1 the thumb.
     *
     * @param above semitones above the open string
     */
    public record BowedPart(
            int string, String name, int finger, Shape.Height height, String position, boolean extended, int above) {}

    /** A finger behind a fret; the first string is 1, and {@code position} the fret at which the first finger stands. */
    public record FretPart(int string, int fret, int finger, int position) {}

    /** A finger on a key, by its MIDI number. */
    public record PressedPart(boolean right, int finger, int midi) {}

    /** Which hand strikes. */
    public record StruckPart(boolean right) {}

    /**
     * Holes and keys, by the names of the chart.
     *
     * @param pressed all that is closed or pressed
     * @param kind what the way is called; empty for the usual one
     * @param purpose what it is for
     */
    public record ClosedPart(
            List<String> pressed, List<HoleLook> holes, List<HeldKey> keys, String kind, String purpose) {}

    /** A hole, by its finger. */
    public record HoleLook(String name, Shape.Cover cover) {}

    /** A key that is pressed, and by which finger. */
    public record HeldKey(String name, String finger) {}

    /** The picture of a shape. */
    public static LookDocument of(Shape shape) {
        return new LookDocument(
                ShapeWords.of(shape),
                shape instanceof Shape.Valved one
                        ? new ValvesPart(one.valves(), one.count(), one.partial(), one.thumb())
                        : null,
                shape instanceof Shape.Slid one
                        ? new SlidePart(one.position(), one.raised(), one.partial(), one.triggers())
                        : null,
                shape instanceof Shape.Bowed one ? bowed(one) : null,
                shape instanceof Shape.Fretted one
                        ? new FretPart(one.string(), one.fret(), one.finger(), one.position())
                        : null,
                shape instanceof Shape.Pressed one ? new PressedPart(one.right(), one.finger(), one.midi()) : null,
                shape instanceof Shape.Closed one ? closed(one) : null,
                shape instanceof Shape.Struck one ? new StruckPart(one.right()) : null);
    }

    private static BowedPart bowed(Shape.Bowed one) {
        return new BowedPart(
                one.string(),
                one.stringName(),
                one.finger(),
                one.height(),
                one.position(),
                one.extended(),
                one.above());
    }

    private static ClosedPart closed(Shape.Closed one) {
        return new ClosedPart(
                one.pressed(),
                one.holes().stream()
                        .map(hole -> new HoleLook(hole.name(), hole.cover()))
                        .toList(),
                one.keys().stream()
                        .map(key -> new HeldKey(key.name(), key.finger()))
                        .toList(),
                one.kind(),
                one.purpose());
    }
}
