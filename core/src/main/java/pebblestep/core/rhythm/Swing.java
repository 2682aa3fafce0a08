package pebblestep.core.rhythm;

import java.util.List;
import pebblestep.core.Parts;
import pebblestep.core.Refusal;

/**
 * How pairs of notes are played unevenly: the first of each pair takes {@code first} parts to the {@code second}'s. It
 * never changes what is written, only when it sounds (common practice, no source).
 *
 * @param first parts of the first note; 1 to 3 times the second
 * @param second parts of the second note
 */
public record Swing(int first, int second) {
    /** No swing. */
    public static final Swing STRAIGHT = new Swing(1, 1);

    private static final int FINEST = 20;

    /** Refuses ratios outside 1:1 to 3:1. */
    public Swing {
        if (second < 1 || first > FINEST * 3 || second > FINEST || first < second || first > 3 * second) {
            throw Refusal.of("rhythm.swing", "Swing lies between 1:1 and 3:1, such as 2:1 or 3:2.");
        }
    }

    /** Reads {@code 2:1}; refuses anything else. */
    public static Swing parse(String text) {
        List<String> parts = Parts.of(text, ":");
        try {
            if (parts.size() == 2)
                return new Swing(Integer.parseInt(parts.getFirst()), Integer.parseInt(parts.getLast()));
        } catch (NumberFormatException e) {
            throw Refusal.of("rhythm.swing", "Write swing as two numbers, such as 2:1.");
        }
        throw Refusal.of("rhythm.swing", "Write swing as two numbers, such as 2:1.");
    }

    public boolean isStraight() {
        return first == second;
    }

    /**
     * Where a written position sounds, when notes of that value swing in pairs: the middle of a pair comes later, its
     * ends stay, and what lies between moves in proportion.
     */
    public Fraction sounding(Fraction position, Fraction value) {
        if (isStraight()) return position;
        Fraction pair = value.times(2);
        Fraction in = position.mod(pair);
        Fraction start = position.minus(in);
        Fraction middle = pair.times(Fraction.of(first, first + second));
        if (in.compareTo(value) <= 0) return start.plus(in.dividedBy(value).times(middle));
        return start.plus(middle).plus(in.minus(value).dividedBy(value).times(pair.minus(middle)));
    }

    /** The text form that {@link #parse} reads. */
    @Override
    public String toString() {
        return first + ":" + second;
    }
}
