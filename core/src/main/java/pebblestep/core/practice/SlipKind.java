package pebblestep.core.practice;

import pebblestep.core.Identified;

/** What kind of slip a take had (common practice, no source). */
public enum SlipKind implements Identified {
    NOTES("notes"),
    RHYTHM("rhythm"),
    EVENNESS("evenness"),
    TONE("tone"),
    TENSION("tension"),
    FINGER("finger");

    private final String words;

    SlipKind(String words) {
        this.words = words;
    }

    /** In words. */
    public String words() {
        return words;
    }
}
