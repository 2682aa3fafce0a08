package pebblestep.core.practice;

import pebblestep.core.Identified;

/** The short of it. */
public enum RequiredKind implements Identified {
    MET,
    ON_COURSE,
    BEHIND,
    /** Nothing was given for it yet. */
    NOT_GIVEN,
    /** Given, and too few takes to tell. */
    BEGUN
}
