package pebblestep.core.notation;

import pebblestep.core.Identified;

/** A sign over or under a note. */
public enum Mark implements Identified {
    STACCATO,
    ACCENT,
    DOWN_BOW,
    UP_BOW;
}
