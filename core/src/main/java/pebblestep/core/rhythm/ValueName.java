package pebblestep.core.rhythm;

import java.util.Map;

/**
 * Says lengths in words, in the American names of note values: "one quarter", "three sixteenths", "two triplet
 * eighths". A length that no value measures is said as a part of a whole note.
 */
public final class ValueName {
    private static final Map<Long, String> BY_DENOMINATOR = Map.of(
            1L, "whole note",
            2L, "half note",
            4L, "quarter",
            8L, "eighth",
            16L, "sixteenth",
            32L, "thirty-second",
            6L, "triplet quarter",
            12L, "triplet eighth",
            24L, "triplet sixteenth");

    private static final String[] NUMBERS = {
        "no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"
    };

    private ValueName() {}

    /** The plural name of a value: {@code sixteenths}. */
    public static String plural(Fraction value) {
        return value.numerator() == 1 && BY_DENOMINATOR.containsKey(value.denominator())
                ? BY_DENOMINATOR.get(value.denominator()) + "s"
                : "notes of " + value + " of a whole note";
    }

    /**
     * A length in words: in plain values where they measure it ("three sixteenths", "one quarter"), else counted in
     * clicks of the figure ("two triplet eighths").
     */
    public static String length(Fraction length, Fraction click) {
        Fraction size = length.abs();
        boolean plain = Long.bitCount(size.denominator()) == 1;
        Fraction unit = plain || size.dividedBy(click).denominator() != 1 ? Fraction.of(1, size.denominator()) : click;
        return counted(unit, size.dividedBy(unit).numerator());
    }

    /** The same, with an article for one: {@code a quarter}, {@code an eighth}, {@code three sixteenths}. */
    public static String lengthWithArticle(Fraction length, Fraction click) {
        String words = length(length, click);
        if (!words.startsWith("one ")) return words;
        String rest = words.substring("one ".length());
        return (rest.startsWith("e") ? "an " : "a ") + rest;
    }

    private static String counted(Fraction value, long count) {
        String name = value.numerator() == 1 ? BY_DENOMINATOR.get(value.denominator()) : null;
        if (name == null) return value.times(count) + " of a whole note";
        String number = count < NUMBERS.length ? NUMBERS[(int) count] : Long.toString(count);
        return number + " " + name + (count == 1 ? "" : "s");
    }
}
