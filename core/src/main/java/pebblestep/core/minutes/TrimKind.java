package pebblestep.core.minutes;

import pebblestep.core.Identified;

/** What can be left out, in the order in which it goes (common practice, no source). */
public enum TrimKind implements Identified {
    REPETITIONS,
    REVIEW,
    STEP
}
