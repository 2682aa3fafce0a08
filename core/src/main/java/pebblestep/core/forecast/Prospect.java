package pebblestep.core.forecast;

import java.time.Duration;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.Rounding;
import pebblestep.core.Words;
import pebblestep.core.climb.Outlook;
import pebblestep.core.minutes.InMinutes;

/**
 * When a climb is likely to be done with so much practice, and whether a day is met by it.
 *
 * @param days practice days it is likely to take
 * @param estimate the days between which it is done
 * @param daysLate days from the wanted day to the likeliest, negative before it; empty where no day is wanted
 * @param enough the fewest minutes a day that would likely meet the wanted day; empty where none is wanted, or no number
 *     of minutes would do
 * @param sentence all of it, with its numbers
 */
public record Prospect(
        int days, Estimate estimate, Optional<Long> daysLate, Optional<Integer> enough, String sentence) {
    /** Most minutes a day that one step can take. */
    public static final int MOST_MINUTES = 180;

    private static final int DAYS_A_WEEK = 7;

    /**
     * How much is practised.
     *
     * @param minutesADay for this step, 1 to 180
     * @param daysAWeek practice days in a week, 1 to 7; null for as many as it was
     * @param cleanShare of takes, above 0 and up to 1: what minutes come to goes by it
     */
    public record Practice(int minutesADay, @Nullable Integer daysAWeek, double cleanShare) {
        /** Refuses numbers out of range. */
        public Practice {
            if (minutesADay < 1 || minutesADay > MOST_MINUTES) {
                throw Refusal.of("minutesADay", "A step takes 1 to 180 minutes a day, not " + minutesADay + ".");
            }
            if (daysAWeek != null && (daysAWeek < 1 || daysAWeek > DAYS_A_WEEK)) {
                throw Refusal.of("daysAWeek", "A week has 1 to 7 days of practice, not " + daysAWeek + ".");
            }
            if (cleanShare <= 0 || cleanShare > 1) {
                throw Refusal.of("cleanShare", "The share of clean takes lies above 0 and up to 1.");
            }
        }
    }

    /**
     * How somebody climbs.
     *
     * @param pace rungs a day of practice, as it was seen
     * @param habit on how many days
     * @param minutes minutes a day with which that was
     */
    public record Climber(Pace pace, Habit habit, int minutes) {
        /** The same pace with other minutes: by so much as the takes that fit into them are more or fewer. */
        public Pace with(int otherMinutes, Outlook outlook, double share) {
            double now = outlook.likelyDays(Duration.ofMinutes(Math.max(1, minutes)), share);
            double then = outlook.likelyDays(Duration.ofMinutes(otherMinutes), share);
            return pace.times(now / then);
        }
    }

    /**
     * The prospect of a climb with that practice, and of meeting a day where one is wanted.
     *
     * @param by the wanted day; null where there is none
     */
    public static Prospect of(
            Outlook outlook, Practice practice, Climber climber, LocalDate today, @Nullable LocalDate by) {
        Reckoning reckoning = new Reckoning(outlook, practice, climber, today);
        Estimate estimate = reckoning.with(practice.minutesADay);
        Optional<LocalDate> wanted = Optional.ofNullable(by);
        Optional<Long> late = wanted.map(day -> ChronoUnit.DAYS.between(day, estimate.likely()));
        Optional<Integer> enough = wanted.flatMap(reckoning::enough);
        return new Prospect(
                (int) Rounding.whole(estimate.practiceDays()),
                estimate,
                late,
                enough,
                reckoning.sentence(estimate, by, enough.orElse(null)));
    }

    private record Reckoning(Outlook outlook, Practice practice, Climber climber, LocalDate today) {
        Estimate with(int minutes) {
            Habit habit = practice.daysAWeek == null ? climber.habit : Habit.aWeek(practice.daysAWeek);
            Pace pace = climber.with(minutes, outlook, practice.cleanShare);
            return Estimate.of(outlook.rungs().size(), pace, habit, today).noSoonerThan(outlook.leastDays(), today);
        }

        /** More minutes never take more days, so the fewest are found by halving. */
        Optional<Integer> enough(LocalDate by) {
            int low = 1;
            int high = MOST_MINUTES + 1;
            while (low < high) {
                int minutes = (low + high) / 2;
                if (with(minutes).likely().isAfter(by)) low = minutes + 1;
                else high = minutes;
            }
            return low > MOST_MINUTES ? Optional.empty() : Optional.of(low);
        }

        String sentence(Estimate estimate, @Nullable LocalDate by, @Nullable Integer enough) {
            EstimateWords words = new EstimateWords(estimate, today);
            String plan = Words.counted(outlook.rungs().size(), "rung") + ", at least "
                    + InMinutes.ofHours(outlook.least()) + ": done " + words.range() + ", with " + practice.minutesADay
                    + " min a day, " + words.pace();
            if (by == null) return plan + ".";
            long late = ChronoUnit.DAYS.between(by, estimate.likely());
            String wanted = ForecastWords.date(by, today);
            if (late <= 0) {
                return plan
                        + (late == 0
                                ? "; on the day."
                                : "; " + Words.counted(-late, "day") + " before " + wanted + ".");
            }
            String mend = enough != null
                    ? enough + " min a day would likely do."
                    : "more minutes do not help: at " + outlook.rules().rungsADay() + " rungs a day it takes "
                            + outlook.leastDays() + " days at least.";
            return plan + "; " + Words.counted(late, "day") + " after " + wanted + "; " + mend;
        }
    }
}
