package pebblestep.core.minutes;

import java.time.Duration;
import pebblestep.core.Refusal;
import pebblestep.core.rhythm.Tempo;

/**
 * What one rung of a step takes on a day: the count-in, its repetitions, and the rest that belongs to them.
 *
 * @param countIn once, before the first repetition
 * @param repetition one of them
 * @param repetitions how many, 1 to 100
 */
public record Load(Duration countIn, Duration repetition, int repetitions) {
    /** Five minutes of rest in each half hour: one minute for five played (common practice, no source). */
    private static final int PLAYED_FOR_ONE_OF_REST = 5;

    private static final int MOST = 100;

    /** Refuses fewer than 1 and more than 100 repetitions. */
    public Load {
        if (repetitions < 1 || repetitions > MOST) {
            throw Refusal.of("repetitions", "A rung is played 1 to " + MOST + " times, not " + repetitions + ".");
        }
    }

    /** The load of a rung at a tempo. */
    public static Load of(Repetition repetition, Tempo tempo, int repetitions) {
        return new Load(repetition.countInAt(tempo), repetition.at(tempo), repetitions);
    }

    /** The same played another number of times. */
    public Load times(int others) {
        return new Load(countIn, repetition, others);
    }

    /** Count-in and repetitions, without rest. */
    public Duration playing() {
        return countIn.plus(repetition.multipliedBy(repetitions));
    }

    /** The rest: a fifth of the playing time, rounded up to whole milliseconds. */
    public Duration rest() {
        return restFor(playing());
    }

    /** All of it. */
    public Duration total() {
        return playing().plus(rest());
    }

    /** The rest that belongs to a playing time. */
    public static Duration restFor(Duration playing) {
        return Duration.ofMillis(InMinutes.up(playing.toMillis(), PLAYED_FOR_ONE_OF_REST));
    }
}
