package pebblestep.core.practice;

import java.time.LocalDate;

/**
 * What was practised of one piece on one day.
 *
 * @param takes how many
 * @param clean how many of them were clean
 * @param best the fastest clean one, in notes a second; 0 where none was
 */
public record DayTally(LocalDate day, int takes, int clean, double best) {
    /** The day with one more take. */
    DayTally plus(boolean wasClean, double notesPerSecond) {
        return new DayTally(
                day, takes + 1, clean + (wasClean ? 1 : 0), wasClean ? Math.max(best, notesPerSecond) : best);
    }
}
