package pebblestep.core.forecast;

import pebblestep.core.Identified;

/** What a forecast comes to. */
public enum ForecastKind implements Identified {
    REACHED,
    ON_COURSE,
    BEHIND,
    OUT_OF_REACH,
    /** The day has passed without it. */
    PASSED,
    TOO_FEW
}
