package pebblestep.core.rhythm;

import pebblestep.core.Refusal;

/** How the places of a bar are counted aloud. */
public enum CountSchool {
    /** Numbers with e, & and a; triplets trip and let, compound beats la and li. */
    NUMBERS("numbers"),
    /** Time names, one syllable for each place of the beat, without numbers: ta fa te fe, ta te ti. */
    TIME_NAMES("time-names");

    private final String id;

    CountSchool(String id) {
        this.id = id;
    }

    /** The school of that id; refuses others. */
    public static CountSchool of(String id) {
        for (CountSchool school : values()) {
            if (school.id.equals(id)) return school;
        }
        throw Refusal.of("counting", "There is no way of counting \"" + id + "\" here.")
                .fits("One of: numbers, time-names.");
    }

    /** The name in settings. */
    public String id() {
        return id;
    }
}
