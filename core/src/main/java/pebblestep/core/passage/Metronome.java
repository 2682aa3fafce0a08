package pebblestep.core.passage;

import pebblestep.core.Refusal;

/**
 * What a step asks of the metronome.
 *
 * @param countInBars whole bars counted before the line, 0 to 4; every beat clicks in them, whatever clicks later
 * @param accent whether beat 1 sounds stronger
 * @param clicks which places click
 */
public record Metronome(int countInBars, boolean accent, Clicks clicks) {
    /** One bar of count-in, beat 1 accented, every beat. */
    public static final Metronome USUAL = new Metronome(1, true, Clicks.BEATS);

    /** Which places of a bar click. */
    public enum Clicks {
        BEATS("beats", "every beat"),
        ONE("one", "beat 1 alone"),
        TWO_AND_FOUR("two-and-four", "beats 2 and 4"),
        SUBDIVISIONS("subdivisions", "beats and what is between"),
        NONE("none", "no clicks");

        private final String id;
        private final String words;

        Clicks(String id, String words) {
            this.id = id;
            this.words = words;
        }

        /** The name in step documents. */
        public String id() {
            return id;
        }

        /** In words. */
        public String words() {
            return words;
        }
    }

    /** Refuses a count-in of more than four bars. */
    public Metronome {
        if (countInBars < 0 || countInBars > 4) {
            throw Refusal.of("metronome.countInBars", "A count-in has 0 to 4 bars, not " + countInBars + ".");
        }
    }
}
