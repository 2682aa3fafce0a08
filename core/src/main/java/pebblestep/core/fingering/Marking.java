package pebblestep.core.fingering;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import pebblestep.core.pitch.Pitch;

/**
 * A fingering as it is written at a note in a score, for any instrument.
 *
 * @param finger the text, such as {@code 2}, {@code 1-3} or {@code T}; empty where there is none
 * @param string the number of the string; 1 is the highest
 * @param fret 0 for the open string
 */
public record Marking(String finger, OptionalInt string, OptionalInt fret) {
    /** Other ways to write that no valve is pressed, or that a string is open. */
    private static final List<String> OPEN = List.of("o", "open", "0");

    public Marking {
        finger = finger.strip();
    }

    /** Whether nothing is written. */
    public boolean isEmpty() {
        return finger.isEmpty() && string.isEmpty() && fret.isEmpty();
    }

    /** The cheapest way of a hand to play a written pitch that fits this marking; empty where none fits. */
    public Optional<Way> in(Hand hand, Pitch written) {
        return isEmpty()
                ? Optional.empty()
                : hand.ways(written).stream()
                        .filter(way -> !(way.shape() instanceof Shape.Beyond))
                        .filter(this::isOnString)
                        .filter(way -> finger.isEmpty() || fingers(way).anyMatch(this::isSaid))
                        .min((one, other) -> Integer.compare(one.cost(), other.cost()));
    }

    private boolean isOnString(Way way) {
        return switch (way.shape()) {
            case Shape.Bowed one -> fits(string, one.string()) && fret.isEmpty();
            case Shape.Fretted one -> fits(string, one.string()) && fits(fret, one.fret());
            default -> string.isEmpty() && fret.isEmpty();
        };
    }

    private static boolean fits(OptionalInt asked, int has) {
        return asked.isEmpty() || asked.getAsInt() == has;
    }

    /** The texts that may be written for a way. On frets it is the finger, since the fret has a number of its own. */
    private static Stream<String> fingers(Way way) {
        return switch (way.shape()) {
            case Shape.Fretted one -> Stream.of(Integer.toString(one.finger()));
            case Shape.Bowed one -> Stream.of(way.text(), one.finger() < 0 ? "T" : Integer.toString(one.finger()));
            default -> Stream.of(way.text());
        };
    }

    private boolean isSaid(String text) {
        String asked = plain(finger);
        return plain(text).equals(asked) || text.equals("0") && OPEN.contains(asked);
    }

    /** A text without separators: valves are written {@code 12}, {@code 1-2}, {@code 1+2} or {@code 1 2}. */
    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[\\s+,.-]+", "");
    }
}
