package pebblestep.exchange.calendar;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * A lesson that comes every week.
 *
 * @param uid by which a calendar knows it for as long as there is one
 * @param summary what a calendar shows
 * @param first the day of the first one
 * @param time when it begins; empty where only the day is known
 * @param lasts how long
 * @param off days on which it does not take place
 * @param changes how often it was changed: a calendar takes what has more of them
 */
public record WeeklyLesson(
        String uid,
        String summary,
        LocalDate first,
        Optional<LocalTime> time,
        Duration lasts,
        SortedSet<LocalDate> off,
        int changes) {
    public WeeklyLesson {
        off = new TreeSet<>(off);
    }
}
