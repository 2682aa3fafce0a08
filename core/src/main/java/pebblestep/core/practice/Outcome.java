package pebblestep.core.practice;

import pebblestep.core.Identified;

/** How a take went. */
public enum Outcome implements Identified {
    CLEAN,
    SLIPS,
    STOPPED
}
