package pebblestep.core.rhythm;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import pebblestep.core.Parts;
import pebblestep.core.Words;

/**
 * Says lengths in words, in the vocabulary of a studio: "one quarter", "three sixteenths", "two triplet
 * eighths". A length that no value measures is said as a part of a whole note.
 */
public final class ValueName {
    private static final Map<Long, String> AMERICAN = Map.of(
            1L, "whole note",
            2L, "half note",
            4L, "quarter",
            8L, "eighth",
            16L, "sixteenth",
            32L, "thirty-second",
            64L, "sixty-fourth");

    private static final Map<Long, String> BRITISH = Map.of(
            1L, "semibreve",
            2L, "minim",
            4L, "crotchet",
            8L, "quaver",
            16L, "semiquaver",
            32L, "demisemiquaver",
            64L, "hemidemisemiquaver");

    /** Tuplet values by denominator: the tuplet, and the plain value that it is written as. */
    private static final Map<Long, Tuplet> TUPLETS = Map.of(
            3L, new Tuplet("triplet", 2),
            6L, new Tuplet("triplet", 4),
            12L, new Tuplet("triplet", 8),
            24L, new Tuplet("triplet", 16),
            48L, new Tuplet("triplet", 32),
            10L, new Tuplet("quintuplet", 8),
            20L, new Tuplet("quintuplet", 16),
            40L, new Tuplet("quintuplet", 32),
            14L, new Tuplet("septuplet", 8),
            28L, new Tuplet("septuplet", 16));

    private static final Map<Fraction, String> SIGNS =
            Map.of(Fraction.of(1, 4), "♩", Fraction.of(3, 8), "♩.", Fraction.of(1, 8), "♪");

    private record Tuplet(String name, long written) {}

    private ValueName() {}

    /** The name of one such value, or nothing where no value has this length. */
    private static Optional<String> name(Fraction value, ValueNames names) {
        if (value.numerator() != 1) return Optional.empty();
        Map<Long, String> plain =
                switch (names) {
                    case AMERICAN -> AMERICAN;
                    case BRITISH -> BRITISH;
                };
        Tuplet tuplet = TUPLETS.get(value.denominator());
        return tuplet == null
                ? Optional.ofNullable(plain.get(value.denominator()))
                : Optional.of(tuplet.name + " " + plain.get(tuplet.written));
    }

    /** How a value is printed before a tempo: {@code ♩}, {@code ♪}, {@code ♩.}; its name where there is no such sign. */
    public static String sign(Fraction value, ValueNames names) {
        String sign = SIGNS.get(value);
        return sign != null ? sign : name(value, names).orElse(value.toString());
    }

    /** The plural name of a value: {@code sixteenths}, {@code semiquavers}. */
    public static String plural(Fraction value, ValueNames names) {
        return name(value, names).map(name -> name + "s").orElse("notes of " + value + " of a whole note");
    }

    /**
     * A length in words: in plain values where they measure it ("three sixteenths", "one quarter"), else counted in
     * clicks of the figure ("two triplet eighths").
     */
    public static String length(Fraction length, Fraction click, ValueNames names) {
        Fraction size = length.abs();
        boolean plain = Long.bitCount(size.denominator()) == 1;
        Fraction unit = plain || size.dividedBy(click).denominator() != 1 ? Fraction.of(1, size.denominator()) : click;
        return counted(unit, size.dividedBy(unit).numerator(), names);
    }

    /** The same, with an article for one: {@code a quarter}, {@code an eighth}, {@code three sixteenths}. */
    public static String lengthWithArticle(Fraction length, Fraction click, ValueNames names) {
        String words = length(length, click, names);
        if (!words.startsWith("one ")) return words;
        String rest = words.substring("one ".length());
        return (rest.startsWith("e") ? "an " : "a ") + rest;
    }

    /**
     * A text in which values stand between braces, with an s for several: {@code Two {1/4s}, then rest} as {@code Two
     * quarters, then rest}.
     */
    public static String filled(String text, ValueNames names) {
        List<String> parts = Parts.of(text, "{");
        StringBuilder filled = new StringBuilder(parts.getFirst());
        for (String part : parts.subList(1, parts.size())) {
            List<String> cut = Parts.of(part, "}", 2);
            filled.append(said(cut.getFirst(), names)).append(cut.getLast());
        }
        return Words.capital(filled.toString());
    }

    private static String said(String value, ValueNames names) {
        if (value.endsWith("s")) return plural(Fraction.parse(value.substring(0, value.length() - 1)), names);
        return name(Fraction.parse(value), names).orElse(value);
    }

    /** So many of a value, in words: {@code 29 sixteenths}, {@code 1 quarter}. */
    public static String many(long count, Fraction value, ValueNames names) {
        String name = name(value, names).orElse("note of " + value);
        return Words.counted(count, name);
    }

    private static String counted(Fraction value, long count, ValueNames names) {
        Optional<String> name = name(value, names);
        if (name.isEmpty()) return value.times(count) + " of a whole note";
        return Words.spelled(count, name.get());
    }
}
