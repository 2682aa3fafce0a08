package pebblestep.core.instrument;

import pebblestep.core.Refusal;

/** How far into an instrument's range a player goes. */
public enum Level {
    FIRST_OCTAVE("first-octave", "first octave and a bit"),
    COMFORTABLE("comfortable", "comfortable range"),
    FULL("full", "full range");

    private final String id;
    private final String words;

    Level(String id, String words) {
        this.id = id;
        this.words = words;
    }

    /** The level of that id; refuses others. */
    public static Level of(String id) {
        for (Level level : values()) {
            if (level.id.equals(id)) return level;
        }
        throw Refusal.of("level", "There is no level \"" + id + "\" here.")
                .fits("One of: first-octave, comfortable, full.");
    }

    /** The name in requests. */
    public String id() {
        return id;
    }

    /** In words. */
    public String words() {
        return words;
    }
}
