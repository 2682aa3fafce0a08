package pebblestep.core.forecast;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalInt;
import pebblestep.core.Rounding;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Position;

/**
 * When so many rungs will have been climbed: a range of days that holds the true one in four of five cases, and the
 * likeliest.
 *
 * @param rungs ahead, that of today included
 * @param practiceDays the likeliest number of days of practice
 * @param early the first day of the range
 * @param likely its middle
 * @param late its last day
 * @param pace what it rests on
 * @param habit on how many days is practised
 */
public record Estimate(
        int rungs, double practiceDays, LocalDate early, LocalDate likely, LocalDate late, Pace pace, Habit habit) {
    /** Normal quantile of 80 percent between both bounds. */
    static final double Z_80 = 1.2815515655446004;

    /** Ten years: further away nothing is told apart. */
    static final int FURTHEST_DAYS = 3650;

    private static final double EPSILON = 1e-9;

    /** The estimate of somebody with that pace and habit; today's practice is over. */
    public static Estimate of(int rungs, Pace pace, Habit habit, LocalDate today) {
        if (rungs <= 0) return new Estimate(0, 0, today, today, today, pace, habit);
        double mean = pace.logMean(rungs);
        double days = Math.exp(mean);
        double apart = Z_80 * Math.sqrt(pace.logVariance(rungs) + habit.logVariance(days));
        double calendar = mean - Math.log(habit.share());
        return new Estimate(
                rungs,
                days,
                day(today, Math.floor(Math.exp(calendar - apart))),
                day(today, Rounding.whole(Math.exp(calendar))),
                day(today, Math.ceil(Math.exp(calendar + apart))),
                pace,
                habit);
    }

    private static LocalDate day(LocalDate today, double days) {
        return today.plusDays((long) Math.clamp(days, 1, FURTHEST_DAYS));
    }

    /** Whether the range reaches beyond what can be told apart. */
    public boolean isEndless() {
        return !late.isBefore(likely.plusDays(FURTHEST_DAYS / 4)) || practiceDays > FURTHEST_DAYS;
    }

    /** Rungs from one on until a goal is met: the first that is as fast is the last of them. Empty where none is. */
    public static OptionalInt rungsTo(Goal goal, Ascent ascent, Position from) {
        List<Position> ahead = ascent.moves().routeFrom(from);
        for (int i = 0; i < ahead.size(); i++) {
            if (ascent.notesPerSecond(ahead.get(i)) >= goal.notesPerSecond() - EPSILON) return OptionalInt.of(i + 1);
        }
        return OptionalInt.empty();
    }

    /** The same, no sooner than so many days of practice allow. */
    public Estimate noSoonerThan(int days, LocalDate today) {
        if (practiceDays >= days) return this;
        LocalDate first = today.plusDays(Math.max(1, (long) Math.ceil((days - 1) / habit.share())));
        return new Estimate(
                rungs,
                days,
                early.isBefore(first) ? first : early,
                likely.isBefore(first) ? first : likely,
                late.isBefore(first) ? first : late,
                pace,
                habit);
    }

    /** Rungs that will likely have been climbed after so many days of practice. */
    public int after(double daysOfPractice) {
        return (int) Math.min(rungs, Math.floor(daysOfPractice * pace.aDay()));
    }
}
