package pebblestep.core.rhythm;

import java.util.List;
import pebblestep.core.Refusal;

/**
 * The note values a line is played in. Carried today: even values from the whole note to the sixteenth, and triplet
 * eighths.
 *
 * @param value the value of every note
 */
public record Figure(Fraction value) {
    private static final List<Fraction> CARRIED = List.of(
            Fraction.ONE,
            Fraction.of(1, 2),
            Fraction.of(1, 4),
            Fraction.of(1, 8),
            Fraction.of(1, 12),
            Fraction.of(1, 16));

    /** Refuses values that are not carried, naming those that are. */
    public Figure {
        if (!CARRIED.contains(value)) {
            throw Refusal.of("rhythm.figure", "Notes of " + value + " of a whole note are not carried here.")
                    .fits("One of: " + carried() + ".");
        }
    }

    /** The figure of a cycle of values; refuses cycles that are empty, uneven or hold rests. */
    public static Figure ofCycle(List<String> cycle) {
        if (cycle.isEmpty()) throw Refusal.of("rhythm.figure", "A figure has at least one value.");
        if (cycle.stream().anyMatch(value -> value.startsWith("r"))) {
            throw Refusal.of("rhythm.figure", "Figures with rests are not carried here.")
                    .fits("One even value, such as 1/16.");
        }
        List<Fraction> values = cycle.stream().map(Figure::value).distinct().toList();
        if (values.size() > 1) {
            throw Refusal.of("rhythm.figure", "Figures of different values are not carried here.")
                    .fits("One even value, such as 1/16.");
        }
        return new Figure(values.get(0));
    }

    private static Fraction value(String text) {
        try {
            return Fraction.parse(text);
        } catch (Refusal e) {
            throw e.at("rhythm.figure");
        }
    }

    /** An even figure. */
    public static Figure even(Fraction value) {
        return new Figure(value);
    }

    /** Every value carried, longest first. */
    public static List<Fraction> values() {
        return CARRIED;
    }

    private static String carried() {
        return String.join(", ", CARRIED.stream().map(Fraction::toString).toList());
    }
}
