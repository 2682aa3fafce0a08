package pebblestep.core.forecast;

import java.util.List;
import pebblestep.core.Identified;

/**
 * How many rungs a student climbs on a day of practice: what is believed from what was seen. A student of few days is
 * believed to be like the studio, and a studio of few days to be as reckoned; each day of one's own counts for more.
 *
 * <p>Rungs of a day are taken as counts of a rate that is not known, with a gamma distribution in front of it (the
 * conjugate pair of Gelman et al., Bayesian Data Analysis, chapter 2.6), stretched by how unevenly they come.
 *
 * @param rungs climbed, those that are only believed included
 * @param days in which they were
 * @param spread variance of a day's rungs to their mean
 * @param source whose days speak
 * @param seen what was seen of the student alone
 */
public record Pace(double rungs, double days, double spread, Source source, Seen seen) {
    /** So many days of the studio does a student's prior belief weigh (a judgement of ours, held by a test). */
    private static final double STUDIO_DAYS = 2;

    /** So many days does what is reckoned weigh in front of the studio's. */
    private static final double RECKONED_DAYS = 10;

    /**
     * Rungs a day of somebody of whom nothing is known: three clean takes in a row come after five takes where four of
     * five are clean, which is a rung in one sitting (reckoned, no source).
     */
    private static final double USUAL_RUNGS = 1;

    /** Below so many days of their own, a student's are too few to speak for themselves. */
    public static final int FEWEST_DAYS = 4;

    private static final int FEWEST_STUDIO_DAYS = 20;

    /** How unevenly rungs come to a student of whom it is not known, and for how many days that counts. */
    private static final double USUAL_SPREAD = 0.45;

    private static final double SPREAD_DAYS = 8;
    private static final double LEAST_SPREAD = 0.3;
    private static final double MOST_SPREAD = 2.5;

    /** The slowest that is reckoned with: a rung in a hundred days. */
    private static final double SLOWEST = 0.01;

    /** Whose days a pace rests on. */
    public enum Source implements Identified {
        OWN,
        STUDIO,
        RECKONED
    }

    /**
     * Days of practice and what was climbed on them.
     *
     * @param days how many days
     * @param rungs rungs passed less rungs stepped back, on all of them
     * @param squares the sum of the squares of each day's
     */
    public record Seen(double days, double rungs, double squares) {
        /** Nothing. */
        public static final Seen NOTHING = new Seen(0, 0, 0);

        /** What the days of one student come to. */
        public static Seen of(List<Integer> rungsOfDays) {
            return new Seen(
                    rungsOfDays.size(),
                    rungsOfDays.stream().mapToDouble(Integer::doubleValue).sum(),
                    rungsOfDays.stream()
                            .mapToDouble(rungs -> (double) rungs * rungs)
                            .sum());
        }
    }

    /**
     * The pace of a student.
     *
     * @param own what was seen of them on this climb
     * @param studio what was seen of everybody in the studio
     */
    public static Pace of(Seen own, Seen studio) {
        double usual = Math.max(
                SLOWEST, (Math.max(0, studio.rungs) + USUAL_RUNGS * RECKONED_DAYS) / (studio.days + RECKONED_DAYS));
        double rungs = Math.max(0, own.rungs) + usual * STUDIO_DAYS;
        Source source = own.days >= FEWEST_DAYS
                ? Source.OWN
                : studio.days >= FEWEST_STUDIO_DAYS ? Source.STUDIO : Source.RECKONED;
        return new Pace(rungs, own.days + STUDIO_DAYS, spread(own), source, own);
    }

    private static double spread(Seen own) {
        if (own.days < 2 || own.rungs <= 0) return USUAL_SPREAD;
        double mean = own.rungs / own.days;
        double off = own.squares - own.days * mean * mean;
        double spread = (off + USUAL_SPREAD * mean * SPREAD_DAYS) / (mean * (own.days - 1 + SPREAD_DAYS));
        return Math.clamp(spread, LEAST_SPREAD, MOST_SPREAD);
    }

    /** Rungs a day of practice. */
    public double aDay() {
        return rungs / days;
    }

    /** The same student where so many times as much is climbed on a day. */
    public Pace times(double factor) {
        return new Pace(rungs, days / factor, spread, source, seen);
    }

    /** The mean of the logarithm of the practice days that so many rungs take. */
    double logMean(double ahead) {
        return Math.log(days) + Polygamma.digamma(ahead / spread) - Polygamma.digamma(rungs / spread);
    }

    /** Its variance. */
    double logVariance(double ahead) {
        return Polygamma.trigamma(ahead / spread) + Polygamma.trigamma(rungs / spread);
    }
}
