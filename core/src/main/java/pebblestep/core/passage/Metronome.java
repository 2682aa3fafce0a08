package pebblestep.core.passage;

import java.util.List;
import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.rhythm.Meter;

/**
 * What a step asks of the metronome.
 *
 * @param countInBars whole bars counted before the line, 0 to 4; every beat clicks in them, whatever clicks later
 * @param accent whether beat 1 sounds stronger
 * @param clicks which places click
 * @param beats the beats that click where they are chosen, from 1 and rising; none otherwise
 * @param silence bars in which nothing clicks, to test the inner pulse; empty where every bar sounds
 */
public record Metronome(
        int countInBars, boolean accent, Clicks clicks, List<Integer> beats, Optional<Silence> silence) {
    /** One bar of count-in, beat 1 accented, every beat. */
    public static final Metronome USUAL = new Metronome(1, true, Clicks.BEATS);

    /** Which places of a bar click. */
    public enum Clicks {
        BEATS("beats", "every beat"),
        ONE("one", "beat 1 alone"),
        TWO_AND_FOUR("two-and-four", "beats 2 and 4"),
        SUBDIVISIONS("subdivisions", "beats and what is between"),
        CHOSEN("chosen", "chosen beats"),
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

    /**
     * So many bars that sound, then so many that are silent, and again.
     *
     * @param sounding 1 to 16
     * @param silent 1 to 16
     */
    public record Silence(int sounding, int silent) {
        private static final int MOST = 16;

        /** Refuses numbers of bars out of range. */
        public Silence {
            if (sounding < 1 || sounding > MOST || silent < 1 || silent > MOST) {
                throw Refusal.of("metronome.silent", "Silent bars take turns with sounding ones, 1 to 16 of each.");
            }
        }

        /** Whether a bar sounds, the first of the line being 0. */
        public boolean sounds(int bar) {
            return bar % (sounding + silent) < sounding;
        }
    }

    /** Refuses a count-in of more than four bars, chosen beats that are none, and beats that are not chosen. */
    public Metronome {
        beats = List.copyOf(beats);
        if (countInBars < 0 || countInBars > 4) {
            throw Refusal.of("metronome.countInBars", "A count-in has 0 to 4 bars, not " + countInBars + ".");
        }
        if (clicks == Clicks.CHOSEN && beats.isEmpty()) {
            throw Refusal.of("metronome.beats", "Say which beats click.").fits("For instance [2, 4].");
        }
        if (clicks != Clicks.CHOSEN && !beats.isEmpty()) {
            throw Refusal.of("metronome.beats", "Beats are listed where they are chosen.")
                    .fits("Leave them out, or let chosen beats click.");
        }
        for (int i = 0; i < beats.size(); i++) {
            if (beats.get(i) < (i == 0 ? 1 : beats.get(i - 1) + 1)) {
                throw Refusal.of("metronome.beats", "Beats are counted from 1, each once and rising.");
            }
        }
    }

    /** A metronome without chosen beats and silent bars. */
    public Metronome(int countInBars, boolean accent, Clicks clicks) {
        this(countInBars, accent, clicks, List.of(), Optional.empty());
    }

    /** The same with bars that are silent. */
    public Metronome silent(int sounding, int silent) {
        return new Metronome(countInBars, accent, clicks, beats, Optional.of(new Silence(sounding, silent)));
    }

    /** Refuses beats that a bar does not have. */
    void requireIn(Meter meter) {
        for (int beat : beats) {
            if (beat > meter.beats()) {
                throw Refusal.of(
                        "metronome.beats", "A bar of " + meter + " has " + meter.beats() + " beats, not " + beat + ".");
            }
        }
    }
}
