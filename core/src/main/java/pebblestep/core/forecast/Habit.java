package pebblestep.core.forecast;

/**
 * On which share of days somebody practises.
 *
 * @param share of all days, above 0 and up to 1
 * @param weight days on which this rests; infinite where it is asked and not seen
 */
public record Habit(double share, double weight) {
    private static final int DAYS_A_WEEK = 7;

    /** So many days does the plan weigh in front of what was seen (a judgement of ours, held by a test). */
    private static final double PLANNED_DAYS = 7;

    private static final double LEAST = 1.0 / 28;

    /** So many days a week, as it is asked. */
    public static Habit aWeek(int days) {
        return new Habit((double) days / DAYS_A_WEEK, Double.POSITIVE_INFINITY);
    }

    /**
     * What was seen, in front of which stands the plan.
     *
     * @param practised days of practice
     * @param of days that it was possible
     * @param planned days a week that are planned
     */
    public static Habit seen(int practised, int of, int planned) {
        double share = (practised + PLANNED_DAYS * planned / DAYS_A_WEEK) / (of + PLANNED_DAYS);
        return new Habit(Math.clamp(share, LEAST, 1), of + PLANNED_DAYS);
    }

    /** Days of practice in a week. */
    public double daysAWeek() {
        return DAYS_A_WEEK * share;
    }

    /** The variance of the logarithm of the days that so many practice days take. */
    double logVariance(double practiceDays) {
        return (1 - share) / Math.max(1, practiceDays) + (1 - share) / (share * weight);
    }
}
