package pebblestep.core.forecast;

import java.time.Duration;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Outlook;
import pebblestep.core.minutes.InMinutes;

/**
 * When a climb is likely to be done with so much practice, and whether a day is met by it.
 *
 * @param days practice days it is likely to take
 * @param done the day on which it would be done
 * @param daysLate days after the wanted day, negative before it; empty where no day is wanted
 * @param enough the fewest minutes a day that would meet the wanted day; empty where none is wanted, or no number of
 *     minutes would do
 * @param sentence all of it, with its numbers
 */
public record Prospect(int days, LocalDate done, Optional<Long> daysLate, Optional<Integer> enough, String sentence) {
    private static final int DAYS_A_WEEK = 7;
    private static final int MOST_MINUTES = 180;

    /**
     * How much is practised.
     *
     * @param minutesADay for this step, 1 to 180
     * @param daysAWeek practice days in a week, 1 to 7
     * @param cleanShare of takes, above 0 and up to 1
     */
    public record Practice(int minutesADay, int daysAWeek, double cleanShare) {
        /** Refuses numbers out of range. */
        public Practice {
            if (minutesADay < 1 || minutesADay > MOST_MINUTES) {
                throw Refusal.of("minutesADay", "A step takes 1 to 180 minutes a day, not " + minutesADay + ".");
            }
            if (daysAWeek < 1 || daysAWeek > DAYS_A_WEEK) {
                throw Refusal.of("daysAWeek", "A week has 1 to 7 days of practice, not " + daysAWeek + ".");
            }
            if (cleanShare <= 0 || cleanShare > 1) {
                throw Refusal.of("cleanShare", "The share of clean takes lies above 0 and up to 1.");
            }
        }
    }

    /** The prospect of a climb with that practice, and of meeting a day where one is wanted. */
    public static Prospect of(Outlook outlook, Practice practice, LocalDate today, Optional<LocalDate> by) {
        int days = outlook.likelyDays(Duration.ofMinutes(practice.minutesADay), practice.cleanShare);
        LocalDate done = today.plusDays(calendarDays(days, practice.daysAWeek));
        Optional<Long> late = by.map(day -> ChronoUnit.DAYS.between(day, done));
        Optional<Integer> enough = by.flatMap(day -> enough(outlook, practice, ChronoUnit.DAYS.between(today, day)));
        return new Prospect(days, done, late, enough, sentence(outlook, practice, days, done, today, by, enough));
    }

    /** Days of the calendar until the last of so many practice days, today being the first. */
    private static long calendarDays(int practiceDays, int aWeek) {
        int before = practiceDays - 1;
        return (long) before / aWeek * DAYS_A_WEEK + (long) Math.ceil(before % aWeek * (double) DAYS_A_WEEK / aWeek);
    }

    /** More minutes never take more days, so the fewest are found by halving. */
    private static Optional<Integer> enough(Outlook outlook, Practice practice, long calendarDays) {
        int low = 1;
        int high = MOST_MINUTES + 1;
        while (low < high) {
            int minutes = (low + high) / 2;
            int days = outlook.likelyDays(Duration.ofMinutes(minutes), practice.cleanShare);
            if (calendarDays(days, practice.daysAWeek) <= calendarDays) high = minutes;
            else low = minutes + 1;
        }
        return low > MOST_MINUTES ? Optional.empty() : Optional.of(low);
    }

    private static String sentence(
            Outlook outlook,
            Practice practice,
            int days,
            LocalDate done,
            LocalDate today,
            Optional<LocalDate> by,
            Optional<Integer> enough) {
        int rungs = outlook.rungs().size();
        String plan = (rungs == 1 ? "1 rung" : rungs + " rungs") + ", at least " + InMinutes.ofHours(outlook.least())
                + ": about " + (days == 1 ? "1 day" : days + " days") + " of practice at " + practice.minutesADay
                + " min, " + practice.daysAWeek + " a week; done about " + ForecastWords.date(done, today);
        if (by.isEmpty()) return plan + ".";
        long late = ChronoUnit.DAYS.between(by.get(), done);
        String wanted = ForecastWords.date(by.get(), today);
        if (late <= 0) {
            return plan + (late == 0 ? ", on the day." : ", " + days(-late) + " before " + wanted + ".");
        }
        String mend = enough.map(minutes -> minutes + " min a day would do.")
                .orElse("more minutes do not help: at " + outlook.rules().rungsADay() + " rungs a day it takes "
                        + outlook.leastDays() + " days at least.");
        return plan + ", " + days(late) + " after " + wanted + "; " + mend;
    }

    private static String days(long count) {
        return count == 1 ? "1 day" : count + " days";
    }
}
