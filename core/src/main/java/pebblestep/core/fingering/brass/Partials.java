package pebblestep.core.fingering.brass;

import pebblestep.core.Rounding;

/** The partials of a tube: physics, in equal temperament. */
final class Partials {
    private static final int OCTAVE = 12;
    private static final double CENTS = 100;

    private Partials() {}

    /** The highest that is played. */
    static final int HIGHEST = 16;

    private static final double[] ABOVE = new double[HIGHEST + 1];

    static {
        for (int partial = 1; partial <= HIGHEST; partial++)
            ABOVE[partial] = OCTAVE * CENTS * Math.log(partial) / Math.log(2);
    }

    /** Cents above the fundamental. */
    private static double cents(int partial) {
        return ABOVE[partial];
    }

    /** Semitones above the fundamental, to the nearest. */
    static int semitones(int partial) {
        return (int) Rounding.whole(cents(partial) / CENTS);
    }

    /** How far a partial lies from the note of equal temperament next to it, in cents: the fifth -13.7. */
    static double off(int partial) {
        return cents(partial) - semitones(partial) * CENTS;
    }

    /** By how much a tube that is lengthened by this share of itself sounds lower, in cents. */
    static double lowered(double share) {
        return OCTAVE * CENTS * Math.log(1 + share) / Math.log(2);
    }

    /** The share of a tube that lowers it by so many semitones. */
    static double share(int semitones) {
        return Math.pow(2, (double) semitones / OCTAVE) - 1;
    }
}
