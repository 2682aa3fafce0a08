package pebblestep.core.rhythm;

import java.util.List;
import pebblestep.core.Refusal;

/**
 * A meter: how many units of which value make a bar, and how they group into beats. In simple meters every unit is a
 * beat; in compound meters three units are.
 */
public record Meter(int units, int unit) {
    /** The meters carried today. */
    private static final List<Meter> CARRIED =
            List.of(new Meter(2, 4), new Meter(3, 4), new Meter(4, 4), new Meter(6, 8));

    /** Reads {@code 4/4}; refuses what is no meter, and meters not carried, naming those that are. */
    public static Meter parse(String text) {
        for (Meter meter : CARRIED) {
            if (meter.toString().equals(text)) return meter;
        }
        throw Refusal.of("rhythm.meter", "There is no meter \"" + text + "\" here.")
                .fits("One of: " + carried() + ".");
    }

    /** Every meter carried, in order. */
    public static List<Meter> all() {
        return CARRIED;
    }

    private static String carried() {
        return String.join(", ", CARRIED.stream().map(Meter::toString).toList());
    }

    /** Whether the beats divide in three by nature. */
    public boolean isCompound() {
        return unit == 8 && units % 3 == 0;
    }

    /** Length of a bar. */
    public Fraction bar() {
        return Fraction.of(units, unit);
    }

    /** Length of a beat. */
    public Fraction beat() {
        return isCompound() ? Fraction.of(3, unit) : Fraction.of(1, unit);
    }

    /** Beats in a bar. */
    public int beats() {
        return isCompound() ? units / 3 : units;
    }

    /** Position in the bar of a beat counted from 1; refuses beats the bar does not have. */
    public Fraction positionOf(int beat) {
        if (beat < 1 || beat > beats()) {
            throw Refusal.of("landing.beat", "A bar of " + this + " has beats 1 to " + beats() + ", not " + beat + ".");
        }
        return beat().times(beat - 1);
    }

    /** The bar in which a position stands, from 1; positions before the first downbeat stand in bar 0 and below. */
    public int barOf(Fraction position) {
        return Math.toIntExact(position.dividedBy(bar()).floor()) + 1;
    }

    /** The text form that {@link #parse} reads. */
    @Override
    public String toString() {
        return units + "/" + unit;
    }
}
