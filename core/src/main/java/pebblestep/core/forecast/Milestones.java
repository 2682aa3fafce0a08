package pebblestep.core.forecast;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Position;

/** On which rung a student should stand at the end of each coming week so that a goal is met by its day. */
public final class Milestones {
    private static final double EPSILON = 1e-9;

    private Milestones() {}

    /** Weeks of two years: nobody plans further by the week. */
    private static final int MOST_WEEKS = 104;

    /** A rung to stand on by a day. */
    public record Milestone(LocalDate by, Position at) {}

    /**
     * The milestones of a goal, a week apart and the last on its day, for two years at most. The speed wanted grows evenly from today's to the
     * goal's; the rung is the furthest that is climbed to without going beyond it. None when the day is not ahead.
     *
     * @param standing where the student stands today
     * @param now clean notes a second today
     */
    public static List<Milestone> of(Ascent ascent, Position standing, double now, Goal goal, LocalDate today) {
        List<Position> ahead = ascent.moves().routeFrom(standing);
        double[] rates = ahead.stream().mapToDouble(ascent::notesPerSecond).toArray();
        long days = ChronoUnit.DAYS.between(today, goal.date());
        List<Milestone> milestones = new ArrayList<>();
        for (long week = 1; 7 * (week - 1) < days && week <= MOST_WEEKS; week++) {
            long day = Math.min(7 * week, days);
            double wanted = now + (goal.notesPerSecond() - now) * day / days;
            int furthest = 0;
            while (furthest + 1 < rates.length && rates[furthest + 1] <= wanted + EPSILON) furthest++;
            milestones.add(new Milestone(today.plusDays(day), ahead.get(furthest)));
        }
        return milestones;
    }
}
