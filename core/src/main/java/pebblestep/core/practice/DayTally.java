package pebblestep.core.practice;

import java.time.LocalDate;

/**
 * What was practised of one piece on one day.
 *
 * @param takes how many
 * @param clean how many of them were clean
 * @param best the fastest clean one, in notes a second; 0 where none was
 * @param rungs passed, less those that were stepped back
 */
public record DayTally(LocalDate day, int takes, int clean, double best, int rungs) {
    /** A day without practice. */
    static DayTally none(LocalDate day) {
        return new DayTally(day, 0, 0, 0, 0);
    }

    /** The day with one more take, which led so many rungs up, or down where that is negative. */
    DayTally plus(Take take, double notesPerSecond, int moved) {
        return new DayTally(
                day,
                takes + 1,
                clean + (take.isClean() ? 1 : 0),
                take.isClean() ? Math.max(best, notesPerSecond) : best,
                rungs + moved);
    }
}
