package pebblestep.core.climb;

import pebblestep.core.rhythm.Fraction;

/** What stays when the values get shorter (common practice, no source; same rate is the usual). */
public enum RateSchool {
    /** Quarters at 120 go on as eighths at 60: the hands move as before. */
    SAME_RATE("same-rate"),
    /** Quarters at 120 go on as eighths at 120: the beat stays, the hands double. */
    SAME_BEAT("same-beat");

    private final String id;

    RateSchool(String id) {
        this.id = id;
    }

    /** The name in documents. */
    public String id() {
        return id;
    }

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
