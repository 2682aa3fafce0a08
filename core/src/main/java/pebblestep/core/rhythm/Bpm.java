package pebblestep.core.rhythm;

import java.math.BigDecimal;
import java.math.RoundingMode;
import pebblestep.core.Parts;
import pebblestep.core.Refusal;

/** A metronome tempo in beats per minute, from 20 to 400, with at most three decimals. */
public record Bpm(BigDecimal value) implements Comparable<Bpm> {
    /** Slower is no tempo. */
    public static final BigDecimal SLOWEST = BigDecimal.valueOf(20);
    /** Faster is none either. */
    public static final BigDecimal FASTEST = BigDecimal.valueOf(400);

    /** Refuses tempos outside 20 to 400 and finer than a thousandth; 72.0 and 72 are the same tempo. */
    public Bpm {
        if (value.compareTo(SLOWEST) < 0 || value.compareTo(FASTEST) > 0) {
            throw Refusal.of("A tempo lies between 20 and 400 beats a minute, not " + value.toPlainString() + ".");
        }
        value = value.stripTrailingZeros();
        if (value.scale() > 3) throw Refusal.of("A tempo has at most three decimals.");
        if (value.scale() < 0) value = value.setScale(0, RoundingMode.UNNECESSARY);
    }

    /** A whole number of beats a minute. */
    public static Bpm of(long beats) {
        return new Bpm(BigDecimal.valueOf(beats));
    }

    /** A decimal number of beats a minute. */
    public static Bpm of(BigDecimal beats) {
        return new Bpm(beats);
    }

    /** The tempo nearest to a number: the slowest or fastest for one beyond them. */
    public static Bpm nearest(BigDecimal beats) {
        return new Bpm(beats.max(SLOWEST).min(FASTEST));
    }

    /** Reads {@code 72} or {@code 97.5}; refuses anything else. */
    public static Bpm parse(String text) {
        if (!Parts.of(text, ".", 2).stream().allMatch(part -> Parts.isDigits(part, 3))) {
            throw Refusal.of("bpm", "A tempo is a number of beats a minute, such as 72 or 97.5.");
        }
        return new Bpm(new BigDecimal(text));
    }

    public double toDouble() {
        return value.doubleValue();
    }

    @Override
    public int compareTo(Bpm other) {
        return value.compareTo(other.value);
    }

    /** The number alone: {@code 72}, {@code 97.5}. */
    @Override
    public String toString() {
        return value.toPlainString();
    }
}
