package pebblestep.core.passage;

import java.util.Optional;
import pebblestep.core.Identified;
import pebblestep.core.Refusal;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;

/**
 * Where a line should arrive: which of its notes, and at which place of the bar.
 *
 * @param note the note that should arrive
 * @param beat the beat of the bar, from 1, where a beat is meant
 * @param at the position in the bar, where another place than a beat is meant
 */
public record Target(Arriving note, Optional<Integer> beat, Optional<Fraction> at) {
    /** The last note on beat 1. */
    public static final Target USUAL = onBeat(1);

    /** Which note arrives. */
    public enum Arriving implements Identified {
        LAST(""),
        /** The highest note, when it is first reached. */
        TOP("the top note"),
        /** The highest tonic, when it is first reached. */
        TOP_TONIC("the top tonic"),
        /** The turning note, when it is last struck. */
        TURN("the turning note");

        private final String words;

        Arriving(String words) {
            this.words = words;
        }

        /** In words; empty for the last note, which goes without saying. */
        public String words() {
            return words;
        }
    }

    /** The last note on a beat, from 1. */
    public static Target onBeat(int beat) {
        return new Target(Arriving.LAST, Optional.of(beat), Optional.empty());
    }

    /** This target for another note. */
    public Target of(Arriving other) {
        return new Target(other, beat, at);
    }

    /** Its position in a bar; refuses beats and places that the bar does not have. */
    public Fraction in(Meter meter) {
        if (at.isEmpty()) return meter.positionOf(beat.orElse(1));
        Fraction position = at.get();
        if (position.signum() < 0 || position.compareTo(meter.bar()) >= 0) {
            throw Refusal.of(
                    "landing.at",
                    "A place in a bar of " + meter + " lies from 0 to below " + meter.bar() + ", not " + position
                            + ".");
        }
        return position;
    }

    /** In words: {@code beat 1}, {@code the & of 2}. */
    public String inWords(Meter meter, CountSchool school) {
        Count count = Count.of(in(meter), meter);
        return (count.isOnBeat() ? "beat " : "") + count.inWords(school);
    }
}
