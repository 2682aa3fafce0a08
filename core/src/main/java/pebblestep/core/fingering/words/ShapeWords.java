package pebblestep.core.fingering.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pebblestep.core.Words;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.Shape.Bowed;
import pebblestep.core.fingering.Shape.Closed;
import pebblestep.core.fingering.Shape.Cover;
import pebblestep.core.fingering.Shape.Fretted;
import pebblestep.core.fingering.Shape.Height;
import pebblestep.core.fingering.Shape.Hole;
import pebblestep.core.fingering.Shape.Pressed;
import pebblestep.core.fingering.Shape.Slid;
import pebblestep.core.fingering.Shape.Struck;
import pebblestep.core.fingering.Shape.Valved;
import pebblestep.core.pitch.Pitch;

/** Says what a hand looks like: for whoever does not see the picture, and for what is new in a key. */
public final class ShapeWords {
    private static final String FIRST = "I";
    private static final int THUMB = 1;

    private ShapeWords() {}

    /** The whole of it: {@code A string, high 2}, {@code valves 1 and 3}. */
    public static String of(Shape shape) {
        return switch (shape) {
            case Valved one -> valves(one) + (one.thumb() ? ", with the thumb" : "");
            case Slid one ->
                slid(one)
                        + switch (one.triggers()) {
                            case 0 -> "";
                            case 1 -> ", with the trigger";
                            default -> ", with both triggers";
                        };
            case Bowed one -> bowed(one);
            case Fretted one ->
                one.fret() == 0
                        ? "string " + one.string() + ", open"
                        : "string " + one.string() + ", fret " + one.fret() + ", finger " + one.finger();
            case Struck one -> one.right() ? "right hand" : "left hand";
            case Pressed one ->
                (one.right() ? "right hand, " : "left hand, ")
                        + (one.finger() == THUMB ? "thumb" : "finger " + one.finger());
            case Closed one -> closed(one);
            case Shape.Beyond() -> "no fingering here";
        };
    }

    /** What of it a player has to have learned; nothing where it is the same wherever it is played. */
    static Optional<String> learned(Shape shape) {
        return switch (shape) {
            case Valved one -> Optional.of(of(one));
            case Slid one -> Optional.of(of(one));
            case Bowed one when one.finger() == 0 -> Optional.empty();
            case Bowed one when !one.position().equals(FIRST) -> Optional.of("position " + one.position());
            case Bowed one -> Optional.of(finger(one) + " on the " + one.stringName() + " string");
            case Fretted one ->
                one.fret() == 0 ? Optional.empty() : Optional.of("fret " + one.position() + " under the first finger");
            case Pressed one ->
                one.finger() == THUMB
                        ? Optional.of("the " + (one.right() ? "right" : "left") + " thumb on "
                                + Pitch.commonlyNamed(one.midi()).name())
                        : Optional.empty();
            case Closed one -> Optional.of(of(one));
            case Struck one -> Optional.empty();
            case Shape.Beyond() -> Optional.empty();
        };
    }

    private static String valves(Valved one) {
        if (one.valves().isEmpty()) return "no valve";
        return (one.valves().size() == 1 ? "valve " : "valves ")
                + Words.list(one.valves().stream().map(String::valueOf).toList());
    }

    private static String slid(Slid one) {
        return "position " + one.position() + (one.raised() ? ", a little raised" : "");
    }

    private static String bowed(Bowed one) {
        String string = one.stringName() + " string, ";
        if (one.finger() == 0) return string + "open";
        return string + finger(one) + (one.position().equals(FIRST) ? "" : ", position " + one.position());
    }

    private static String finger(Bowed one) {
        String finger = one.finger() < 0 ? "thumb" : Integer.toString(one.finger());
        if (one.extended()) return "extended " + finger;
        if (one.height() == Height.PLAIN) return finger;
        return (one.height() == Height.LOW ? "low " : "high ") + finger;
    }

    private static String closed(Closed one) {
        List<String> said = new ArrayList<>();
        List<String> closed = named(one.holes(), Cover.CLOSED);
        if (!closed.isEmpty()) said.add("closed " + String.join(" ", closed));
        List<String> half = named(one.holes(), Cover.HALF);
        if (!half.isEmpty()) said.add("half closed " + String.join(" ", half));
        List<String> keys = one.keys().stream()
                .map(key -> key.name() + " (" + key.finger() + ")")
                .toList();
        if (!keys.isEmpty()) said.add((keys.size() == 1 ? "key " : "keys ") + Words.list(keys));
        return said.isEmpty() ? "all open" : String.join("; ", said);
    }

    private static List<String> named(List<Hole> holes, Cover cover) {
        return holes.stream()
                .filter(hole -> hole.cover() == cover)
                .map(Hole::name)
                .toList();
    }
}
