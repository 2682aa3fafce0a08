package pebblestep.core.sound;

import pebblestep.core.Identified;

/** What can sound beside other things. */
public enum Track implements Identified {
    CLICK("click"),
    DRUMS("drums"),
    LINE("line"),
    VOICES("other voices"),
    CHORDS("chords"),
    BASS("bass"),
    DRONE("drone");

    private final String words;

    Track(String words) {
        this.words = words;
    }

    /** In words. */
    public String words() {
        return words;
    }
}
