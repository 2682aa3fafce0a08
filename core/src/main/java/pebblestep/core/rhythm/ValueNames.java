package pebblestep.core.rhythm;

import pebblestep.core.Refusal;

/** In which words note values are named. */
public enum ValueNames {
    /** Quarter, eighth, sixteenth. */
    AMERICAN("american"),
    /** Crotchet, quaver, semiquaver. */
    BRITISH("british");

    private final String id;

    ValueNames(String id) {
        this.id = id;
    }

    /** The vocabulary of that id; refuses others. */
    public static ValueNames of(String id) {
        for (ValueNames names : values()) {
            if (names.id.equals(id)) return names;
        }
        throw Refusal.of("valueNames", "There is no vocabulary \"" + id + "\" here.")
                .fits("One of: american, british.");
    }

    /** The name in settings. */
    public String id() {
        return id;
    }
}
