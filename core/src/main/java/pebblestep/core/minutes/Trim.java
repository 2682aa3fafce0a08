package pebblestep.core.minutes;

import java.time.Duration;

/**
 * One thing left out so that a routine fits.
 *
 * @param kind what is left out
 * @param portion place of the step in the routine, from 0
 * @param frees time it gives back, its rest included
 * @param sentence what to do, with its number
 */
public record Trim(TrimKind kind, int portion, Duration frees, String sentence) {}
