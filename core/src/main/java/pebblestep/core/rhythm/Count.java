package pebblestep.core.rhythm;

import java.util.Map;

/**
 * The counting word of a position in the bar, in the numbers school: {@code 1}, {@code 1 e}, {@code 1 &}, {@code 1 a};
 * in triplets {@code 1 trip}, {@code 1 let}; in compound beats {@code 1 la}, {@code 1 li} (common practice, no source).
 * Where no word is used, the distance from the beat is given as a part of a whole note: {@code 1 +3/20}.
 *
 * @param beat the beat, from 1
 * @param word the word after the beat, empty on the beat
 */
public record Count(int beat, String word) {
    private static final Map<Fraction, String> SIMPLE = Map.of(
            Fraction.of(1, 4), "e",
            Fraction.of(1, 2), "&",
            Fraction.of(3, 4), "a",
            Fraction.of(1, 3), "trip",
            Fraction.of(2, 3), "let");

    private static final Map<Fraction, String> COMPOUND = Map.of(
            Fraction.of(1, 3), "la",
            Fraction.of(2, 3), "li");

    /** The count of a position, counted from any downbeat; positions before it are counted in the bars before. */
    public static Count of(Fraction position, Meter meter) {
        Fraction inBar = position.mod(meter.bar());
        int beat = Math.toIntExact(inBar.dividedBy(meter.beat()).floor());
        Fraction after = inBar.minus(meter.beat().times(beat));
        if (after.isZero()) return new Count(beat + 1, "");
        String word = (meter.isCompound() ? COMPOUND : SIMPLE).get(after.dividedBy(meter.beat()));
        return new Count(beat + 1, word == null ? "+" + after : word);
    }

    /** Whether it is a beat itself. */
    public boolean isOnBeat() {
        return word.isEmpty();
    }

    /** As a place to start: {@code 2}, {@code the & of 1}, {@code 1/20 after 3}. */
    public String inWords() {
        if (isOnBeat()) return Integer.toString(beat);
        return word.startsWith("+")
                ? word.substring(1) + " of a whole note after " + beat
                : "the " + word + " of " + beat;
    }

    /** As said at the music stand: {@code 1}, {@code 1 &}. */
    @Override
    public String toString() {
        return isOnBeat() ? Integer.toString(beat) : beat + " " + word;
    }
}
