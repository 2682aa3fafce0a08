package pebblestep.app.assignments;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import pebblestep.core.practice.Schedule;

/**
 * On which days something that was given is practised, without what it is.
 *
 * @param ended whether it was taken away before its last day
 * @param learnedOn the day from which on it only comes back now and then
 */
public record GivenDays(
        long studentId, String title, Schedule schedule, int minutes, boolean ended, @Nullable LocalDate learnedOn) {
    GivenDays(
            long studentId,
            String title,
            LocalDate startsOn,
            @Nullable LocalDate endsOn,
            int weekdays,
            int minutes,
            boolean ended,
            @Nullable LocalDate learnedOn) {
        this(
                studentId,
                title,
                new Schedule(startsOn, java.util.Optional.ofNullable(endsOn), Weekdays.days(weekdays)),
                minutes,
                ended,
                learnedOn);
    }

    /** Whether it is, or would have been, practised on a day. */
    public boolean isOn(LocalDate day) {
        return schedule.isOn(day) && (learnedOn == null || !day.isAfter(learnedOn));
    }
}
