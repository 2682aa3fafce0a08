package pebblestep.core.passage;

import pebblestep.core.Refusal;

/**
 * What a step asks of the metronome. It clicks on every beat.
 *
 * @param countInBars whole bars counted before the line, 0 to 4
 * @param accent whether beat 1 sounds stronger
 */
public record Metronome(int countInBars, boolean accent) {
    /** One bar of count-in, beat 1 accented. */
    public static final Metronome USUAL = new Metronome(1, true);

    /** Refuses a count-in of more than four bars. */
    public Metronome {
        if (countInBars < 0 || countInBars > 4) {
            throw Refusal.of("metronome.countInBars", "A count-in has 0 to 4 bars, not " + countInBars + ".");
        }
    }
}
