package pebblestep.core.walk;

import pebblestep.core.Identified;

/** How the keys of a walk are written. */
public enum Signatures implements Identified {
    /** Each under its own signature, changed at the bar line with what it cancels. */
    CHANGE,
    /** All under the first, with accidentals. */
    STAY
}
