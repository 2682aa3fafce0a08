package pebblestep.core.metronome;

import java.util.ArrayList;
import java.util.List;
import pebblestep.core.Identified;
import pebblestep.core.Refusal;

/**
 * Playing a line several times without a break: which rung each time is played on, and whether a voice plays it. Every
 * lap begins at the bar line where the one before ends.
 *
 * @param voice whether and when the voice plays
 * @param every after how many repetitions of the student the next rung comes; 0 where the rung stays
 * @param laps in order
 */
public record Laps(Voice voice, int every, List<Lap> laps) {
    /** Repetitions after which a rung may rise, at most. */
    public static final int MOST_EVERY = 4;

    /** Times in a row that a line is played, at most. */
    public static final int MOST_TIMES = 10;

    public Laps {
        laps = List.copyOf(laps);
    }

    /** Who plays. */
    public enum Voice implements Identified {
        /** The student alone. */
        WITHOUT,
        /** The voice with the student. */
        WITH,
        /** Call and answer: the voice, then the student, and again. */
        EVERY_SECOND
    }

    /**
     * Once through the line.
     *
     * @param rung how many rungs above the first lap's
     * @param voice whether the voice plays
     * @param student whether the student plays: not while a call is listened to
     */
    public record Lap(int rung, boolean voice, boolean student) {}

    /**
     * The run in which the student plays so many times. Refuses a rise after fewer than 0 or more than four repetitions, and
     * fewer than one or more than ten times.
     */
    public static Laps of(Voice voice, int every, int times) {
        if (every < 0 || every > MOST_EVERY) {
            throw Refusal.of(
                    "every", "The next rung comes after 1 to " + MOST_EVERY + " repetitions, not " + every + ".");
        }
        if (times < 1 || times > MOST_TIMES) {
            throw Refusal.of("times", "A line is played 1 to " + MOST_TIMES + " times in a row, not " + times + ".");
        }
        List<Lap> laps = new ArrayList<>();
        for (int time = 0; time < times; time++) {
            int rung = every == 0 ? 0 : time / every;
            if (voice == Voice.EVERY_SECOND) laps.add(new Lap(rung, true, false));
            laps.add(new Lap(rung, voice == Voice.WITH, true));
        }
        return new Laps(voice, every, laps);
    }

    /** Once through the student's own, as taps are held against it. */
    public static Laps once() {
        return of(Voice.WITHOUT, 0, 1);
    }
}
