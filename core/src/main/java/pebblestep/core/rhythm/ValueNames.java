package pebblestep.core.rhythm;

import pebblestep.core.Identified;

/** In which words note values are named. */
public enum ValueNames implements Identified {
    /** Quarter, eighth, sixteenth. */
    AMERICAN,
    /** Crotchet, quaver, semiquaver. */
    BRITISH;

    /** The vocabulary of that id; refuses others. */
    public static ValueNames of(String id) {
        return Identified.of(ValueNames.class, id);
    }
}
