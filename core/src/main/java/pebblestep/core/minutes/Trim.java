package pebblestep.core.minutes;

import java.time.Duration;
import pebblestep.core.Identified;

/**
 * One thing left out so that a routine fits.
 *
 * @param kind what is left out
 * @param portion place of the step in the routine, from 0
 * @param frees time it gives back, its rest included
 * @param sentence what to do, with its number
 */
public record Trim(Kind kind, int portion, Duration frees, String sentence) {
    /** What can be left out, in the order in which it goes (common practice, no source). */
    public enum Kind implements Identified {
        REPETITIONS,
        REVIEW,
        STEP
    }
}
