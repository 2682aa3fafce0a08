package pebblestep.core.notation;

import pebblestep.core.Identified;

/** Which way the stem of a note points. */
public enum Stem implements Identified {
    UP,
    DOWN
}
