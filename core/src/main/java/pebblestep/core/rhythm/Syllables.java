package pebblestep.core.rhythm;

import pebblestep.core.Identified;

/** Which note do is, where notes are sung on syllables. */
public enum Syllables implements Identified {
    /** The tonic, in minor as in major. */
    TONIC("do is the tonic, in minor as in major"),
    /** The tonic of the major key with that signature: minor begins on la, dorian on re. */
    RELATIVE("do is the tonic of the major key with that signature: minor begins on la"),
    /** C, in every key. */
    FIXED("do is C, in every key");

    private final String words;

    Syllables(String words) {
        this.words = words;
    }

    /** In words. */
    public String words() {
        return words;
    }
}
