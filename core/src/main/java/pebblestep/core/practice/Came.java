package pebblestep.core.practice;

import pebblestep.core.Identified;

/** Where somebody is with a step, seen from where they were. */
public enum Came implements Identified {
    UP,
    DOWN,
    SAME,
    NEW
}
