package pebblestep.core.practice;

import pebblestep.core.Identified;

/** What a line is for, in the order of the list. */
public enum Purpose implements Identified {
    WARM_UP,
    LEARNING,
    REVIEW,
    KNOWN
}
