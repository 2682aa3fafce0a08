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

    private static final Map<String, String> TIME_NAMES =
            Map.of("e", "fa", "&", "te", "a", "fe", "trip", "te", "let", "ti", "la", "te", "li", "ti");

    /** The count of a position, counted from any downbeat; positions before it are counted in the bars before. */
    public static Count of(Fraction position, Meter meter) {
        int beat = meter.beatOf(position);
        Fraction after = position.minus(meter.beatStart(position));
        if (after.isZero()) return new Count(beat, "");
        String word = (meter.isTernary(beat) ? COMPOUND : SIMPLE).get(after.dividedBy(meter.lengthOf(beat)));
        return new Count(beat, word == null ? "+" + after : word);
    }

    /**
     * The word that is said at a place: in numbers the beat itself or what follows it; in time names ta on every beat, te
     * in its middle, fa and fe between, ta te ti in thirds. Empty where a school has no word (from memory of the French
     * time names).
     */
    public static String said(Fraction position, Meter meter, CountSchool school) {
        Count count = of(position, meter);
        if (school == CountSchool.NUMBERS) {
            if (count.isOnBeat()) return Integer.toString(count.beat);
            return count.word.startsWith("+") ? "" : count.word;
        }
        if (count.isOnBeat()) return "ta";
        return TIME_NAMES.getOrDefault(count.word, "");
    }

    /** Whether it is a beat itself. */
    public boolean isOnBeat() {
        return word.isEmpty();
    }

    /**
     * As a place to start, in the words of a school: {@code 2}, {@code the & of 1}, {@code 1/20 after 3}; in time names
     * {@code the te of 1}.
     */
    public String inWords(CountSchool school) {
        if (isOnBeat()) return Integer.toString(beat);
        return word.startsWith("+")
                ? word.substring(1) + " of a whole note after " + beat
                : "the " + word(school) + " of " + beat;
    }

    /** As a place in whatever beat it is: {@code on the &}, {@code 1/20 of a whole note after it}; on a beat {@code on it}. */
    public String inBeat(CountSchool school) {
        if (isOnBeat()) return "on it";
        return word.startsWith("+") ? word.substring(1) + " of a whole note after it" : "on the " + word(school);
    }

    /** In short, in the words of a school: {@code 1}, {@code 1 &}, in time names {@code 1 te}. */
    public String inShort(CountSchool school) {
        return isOnBeat() ? Integer.toString(beat) : beat + " " + word(school);
    }

    private String word(CountSchool school) {
        return switch (school) {
            case NUMBERS -> word;
            case TIME_NAMES -> TIME_NAMES.getOrDefault(word, word);
        };
    }

    /** As documents have it: in numbers, {@code 1}, {@code 1 &}. */
    @Override
    public String toString() {
        return inShort(CountSchool.NUMBERS);
    }
}
