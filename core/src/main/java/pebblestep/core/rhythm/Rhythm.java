package pebblestep.core.rhythm;

import java.util.List;
import java.util.Optional;
import pebblestep.core.Identified;
import pebblestep.core.Refusal;

/**
 * The time of a step: meter, values and place.
 *
 * @param meter the meter
 * @param figure the cycle of values, over attacks
 * @param strikes attacks for each note of the line
 * @param place where the first attack stands, from the downbeat of bar 1; negative is a pickup
 * @param tonicValue the longer value of every tonic, where there is one
 * @param last how long the last note is, where it is not as long as its figure says
 * @param hold a note that is held longer, where one is
 * @param legs stretches with a rhythm of their own, in order
 * @param swing how pairs are played
 */
public record Rhythm(
        Meter meter,
        Figure figure,
        int strikes,
        Fraction place,
        Optional<Fraction> tonicValue,
        Optional<Last> last,
        Optional<Hold> hold,
        List<Leg> legs,
        Swing swing) {
    private static final int MOST_STRIKES = 16;
    private static final int MOST_LEGS = 16;

    /** How long the last note is. */
    public sealed interface Last permits Fill, Value {}

    /** To the end of its bar. */
    public record Fill() implements Last {}

    /** A value. */
    public record Value(Fraction value) implements Last {}

    /**
     * A note held longer than its figure says.
     *
     * @param note which note
     * @param by by how much, in whole notes
     */
    public record Hold(HeldNote note, Fraction by) {
        /** Refuses holds that add nothing or more than four whole notes. */
        public Hold {
            if (by.signum() <= 0 || Fraction.of(4).isLessThan(by)) {
                throw Refusal.of("rhythm.hold.by", "A note is held longer by up to 4 whole notes, not by " + by + ".");
            }
        }
    }

    /** Which note is held. */
    public enum HeldNote implements Identified {
        FIRST,
        TURN;
    }

    /** Refuses a place a bar away or more, strikes outside 1 to 16, values of no length and more than 16 legs. */
    public Rhythm {
        legs = List.copyOf(legs);
        if (!place.abs().isLessThan(meter.bar())) {
            throw Refusal.of(
                    "rhythm.place",
                    "The place lies less than one bar (" + meter.bar() + ") from the downbeat, not " + place + ".");
        }
        if (strikes < 1 || strikes > MOST_STRIKES) {
            throw Refusal.of(
                    "rhythm.strikes", "Each note is struck 1 to " + MOST_STRIKES + " times, not " + strikes + ".");
        }
        if (legs.size() > MOST_LEGS) throw Refusal.of("rhythm.legs", "A step has at most " + MOST_LEGS + " legs.");
        tonicValue.ifPresent(value -> requireLength("rhythm.tonicValue", value));
        last.ifPresent(value -> {
            if (value instanceof Value v) requireLength("rhythm.lastValue", v.value);
        });
    }

    private static void requireLength(String field, Fraction value) {
        if (value.isLessThan(Fraction.of(1, 64)) || Fraction.of(4).isLessThan(value)) {
            throw Refusal.of(field, "A value lies between 1/64 and 4, not " + value + ".");
        }
    }

    /** A plain rhythm: one figure, each note struck once. */
    public static Rhythm of(Meter meter, Figure figure, Fraction place) {
        return new Rhythm(
                meter,
                figure,
                1,
                place,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Swing.STRAIGHT);
    }

    /** The same, starting elsewhere. */
    public Rhythm withPlace(Fraction other) {
        return new Rhythm(meter, figure, strikes, other, tonicValue, last, hold, legs, swing);
    }

    /** The same in another figure. */
    public Rhythm withFigure(Figure other) {
        return new Rhythm(meter, other, strikes, place, tonicValue, last, hold, legs, swing);
    }

    /** The same with a note held longer. */
    public Rhythm withHold(Hold other) {
        return new Rhythm(meter, figure, strikes, place, tonicValue, last, Optional.of(other), legs, swing);
    }

    /** The same with other legs. */
    public Rhythm withLegs(List<Leg> others) {
        return new Rhythm(meter, figure, strikes, place, tonicValue, last, hold, others, swing);
    }

    /**
     * Whether its attacks follow each other in one value from the first to the last, but for a note that is held: an even
     * figure, without legs of its own and without longer tonics.
     */
    public boolean isEven() {
        return figure.even().isPresent() && tonicValue.isEmpty() && legs.isEmpty();
    }

    /** The click of its figures: the longest length of which all their values are multiples. The place is not asked. */
    public Fraction click() {
        Fraction click = figure.click();
        for (Leg leg : legs) {
            if (leg.figure().isPresent())
                click = click.commonMeasure(leg.figure().get().click());
        }
        return click;
    }

    /** The shortest time from one attack to the next in any of its figures, in whole notes. */
    public Fraction quickest() {
        return legs.stream()
                .flatMap(leg -> leg.figure().stream())
                .map(Figure::quickest)
                .reduce(figure.quickest(), (a, b) -> a.isLessThan(b) ? a : b);
    }

    /** The value that swings in pairs: sixteenths where the figure has some, else eighths. */
    public Fraction swung() {
        Fraction sixteenth = Fraction.of(1, 16);
        return figure.quickest().compareTo(sixteenth) <= 0 ? sixteenth : Fraction.of(1, 8);
    }
}
