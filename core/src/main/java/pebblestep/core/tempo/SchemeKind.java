package pebblestep.core.tempo;

import pebblestep.core.Identified;

/** The kinds of ladder, as documents name them, the usual one first. */
public enum SchemeKind implements Identified {
    FIXED,
    PERCENT,
    DIAL,
    BACK_STEP,
    ALTERNATE
}
