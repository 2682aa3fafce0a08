package pebblestep.core.rhythm;

import pebblestep.core.Identified;

/** How the places of a bar are counted aloud. */
public enum CountSchool implements Identified {
    /** Numbers with e, & and a; triplets trip and let, compound beats la and li. */
    NUMBERS,
    /** Time names, one syllable for each place of the beat, without numbers: ta fa te fe, ta te ti. */
    TIME_NAMES;

    /** The school of that id; refuses others. */
    public static CountSchool of(String id) {
        return Identified.of(CountSchool.class, id);
    }
}
