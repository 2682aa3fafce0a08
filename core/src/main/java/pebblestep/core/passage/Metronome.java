package pebblestep.core.passage;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import pebblestep.core.Identified;
import pebblestep.core.Refusal;
import pebblestep.core.Words;
import pebblestep.core.rhythm.Groove;
import pebblestep.core.rhythm.Meter;

/**
 * What a step asks of the metronome.
 *
 * @param countInBars whole bars counted before the line, 0 to 4; every beat clicks in them, whatever clicks later
 * @param accent whether beat 1 sounds stronger
 * @param clicks which places click
 * @param beats the beats that click where they are chosen, from 1 and rising; none otherwise
 * @param silence bars in which nothing clicks, to test the inner pulse; empty where every bar sounds
 * @param groove drums instead of clicks once the line has begun
 * @param drone notes that sound all along, for tuning
 * @param foot the beats on which the foot taps, from 1 and rising; empty where it is not asked for
 */
public record Metronome(
        int countInBars,
        boolean accent,
        Clicks clicks,
        List<Integer> beats,
        Optional<Silence> silence,
        Optional<Groove> groove,
        Optional<Drone> drone,
        List<Integer> foot) {
    /** One bar of count-in, beat 1 accented, every beat. */
    public static final Metronome USUAL = new Metronome(1, true, Clicks.BEATS);

    private static final List<Boolean> ALWAYS = List.of(true);

    /** Which places of a bar click. */
    public enum Clicks implements Identified {
        BEATS("every beat"),
        ONE("beat 1 alone"),
        TWO_AND_FOUR("beats 2 and 4"),
        SUBDIVISIONS("beats and what is between"),
        CHOSEN("chosen beats"),
        NONE("no clicks");

        private final String words;

        Clicks(String words) {
            this.words = words;
        }

        /** In words. */
        public String words() {
            return words;
        }
    }

    /** What sounds all along. */
    public enum Drone implements Identified {
        TONIC("the tonic"),
        TONIC_AND_FIFTH("tonic and fifth");

        private final String words;

        Drone(String words) {
            this.words = words;
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

        /** Whether a bar sounds, the first being 0. */
        public boolean sounds(int bar) {
            return bar % (sounding + silent) < sounding;
        }

        /** The turns, once round: true for a bar that sounds. */
        public List<Boolean> turns() {
            return IntStream.range(0, sounding + silent).mapToObj(this::sounds).toList();
        }
    }

    /** Refuses a count-in of more than four bars, chosen beats that are none, and beats that are not chosen. */
    public Metronome {
        beats = List.copyOf(beats);
        foot = List.copyOf(foot);
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
        requireRising("metronome.beats", beats);
        requireRising("metronome.foot", foot);
    }

    private static void requireRising(String field, List<Integer> beats) {
        for (int i = 0; i < beats.size(); i++) {
            if (beats.get(i) < (i == 0 ? 1 : beats.get(i - 1) + 1)) {
                throw Refusal.of(field, "Beats are counted from 1, each once and rising.");
            }
        }
    }

    /** In words: {@code beats 2 and 4, silent bars, count-in 1 bar}. */
    public String inWords() {
        return clicks.words() + (silence.isPresent() ? ", silent bars" : "") + ", "
                + (countInBars == 0 ? "no count-in" : "count-in " + Words.counted(countInBars, "bar"));
    }

    /** A metronome that clicks on places of its own choice at most. */
    public Metronome(int countInBars, boolean accent, Clicks clicks, List<Integer> beats, Optional<Silence> silence) {
        this(countInBars, accent, clicks, beats, silence, Optional.empty(), Optional.empty(), List.of());
    }

    /** A metronome without chosen beats and silent bars. */
    public Metronome(int countInBars, boolean accent, Clicks clicks) {
        this(countInBars, accent, clicks, List.of(), Optional.empty());
    }

    /** The same with bars that are silent. */
    public Metronome silent(int sounding, int silent) {
        Optional<Silence> turns = Optional.of(new Silence(sounding, silent));
        return new Metronome(countInBars, accent, clicks, beats, turns, groove, drone, foot);
    }

    /** The same with drums instead of clicks. */
    public Metronome with(Groove drums) {
        return new Metronome(countInBars, accent, clicks, beats, silence, Optional.of(drums), drone, foot);
    }

    /** The same with a drone. */
    public Metronome with(Drone notes) {
        return new Metronome(countInBars, accent, clicks, beats, silence, groove, Optional.of(notes), foot);
    }

    /** The same with the foot tapping on these beats. */
    public Metronome withFoot(List<Integer> on) {
        return new Metronome(countInBars, accent, clicks, beats, silence, groove, drone, on);
    }

    /** Whose turn it is, bar by bar and round and round, in the order of playing: true for a bar that sounds. */
    public List<Boolean> turns() {
        return silence.map(Silence::turns).orElse(ALWAYS);
    }

    /** Whether anything sounds in a bar, the first after the count-in being 0; repetitions count on. */
    public boolean sounds(int bar) {
        return silence.map(turns -> turns.sounds(bar)).orElse(true);
    }

    /** Refuses beats that a bar does not have. */
    void requireIn(Meter meter) {
        requireIn(meter, "metronome.beats", beats);
        requireIn(meter, "metronome.foot", foot);
    }

    private static void requireIn(Meter meter, String field, List<Integer> beats) {
        for (int beat : beats) {
            if (beat > meter.beats()) {
                throw Refusal.of(field, "A bar of " + meter + " has " + meter.beats() + " beats, not " + beat + ".");
            }
        }
    }
}
