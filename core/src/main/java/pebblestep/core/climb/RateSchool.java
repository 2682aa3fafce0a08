package pebblestep.core.climb;

import pebblestep.core.Identified;
import pebblestep.core.rhythm.Fraction;

/** What stays when the values get shorter (common practice, no source; same rate is the usual). */
public enum RateSchool implements Identified {
    /** Quarters at 120 go on as eighths at 60: the hands move as before. */
    SAME_RATE,
    /** Quarters at 120 go on as eighths at 120: the beat stays, the hands double. */
    SAME_BEAT;

    /**
     * The tempo at which shorter values go on.
     *
     * @param bpm beats a minute so far
     * @param before value played so far
     * @param after value played from now on
     */
    public double switched(double bpm, Fraction before, Fraction after) {
        return this == SAME_BEAT ? bpm : bpm * after.dividedBy(before).toDouble();
    }
}
