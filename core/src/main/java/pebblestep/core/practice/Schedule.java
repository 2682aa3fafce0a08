package pebblestep.core.practice;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import pebblestep.core.Refusal;

/**
 * On which days something is to be practised.
 *
 * @param from the first day
 * @param to the last day; empty where it goes on until it is learned
 * @param weekdays the days of the week
 */
public record Schedule(LocalDate from, Optional<LocalDate> to, Set<DayOfWeek> weekdays) {
    private static final int USUAL_DAYS = 5;

    /** Refuses a schedule without weekdays, and one that ends before it begins. */
    public Schedule {
        weekdays = Set.copyOf(weekdays);
        if (weekdays.isEmpty()) throw Refusal.of("weekdays", "Choose one day of the week at least.");
        LocalDate first = from;
        if (to.filter(last -> last.isBefore(first)).isPresent()) {
            throw Refusal.of("endsOn", "The last day lies before the first.");
        }
    }

    /** Every day from one to another. */
    public static Schedule daily(LocalDate from, LocalDate to) {
        return new Schedule(from, Optional.of(to), EnumSet.allOf(DayOfWeek.class));
    }

    /** Whether a day is one of them. */
    public boolean isOn(LocalDate day) {
        return isOpen(day) && weekdays.contains(day.getDayOfWeek());
    }

    /** Whether a day lies between the first and the last, whatever its weekday. */
    public boolean isOpen(LocalDate day) {
        return !day.isBefore(from) && to.map(last -> !day.isAfter(last)).orElse(true);
    }

    /** Days of a week that are likely practised: those that were chosen, and five where every day is open. */
    public int practiceDaysAWeek() {
        return Math.min(USUAL_DAYS, weekdays.size());
    }

    /** How many of its days lie after one day and before another. */
    public int daysBetween(LocalDate after, LocalDate before) {
        int days = 0;
        LocalDate first = after.isBefore(from) ? from : after.plusDays(1);
        for (LocalDate day = first; day.isBefore(before); day = day.plusDays(1)) {
            if (isOn(day)) days++;
        }
        return days;
    }
}
