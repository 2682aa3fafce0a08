package pebblestep.core.pitch;

import pebblestep.core.Refusal;

/** The seven note letters, counted from C as scientific pitch notation does. */
public enum Letter {
    C(0),
    D(2),
    E(4),
    F(5),
    G(7),
    A(9),
    B(11);

    private static final Letter[] ALL = values();

    private final int semitones;

    Letter(int semitones) {
        this.semitones = semitones;
    }

    /** Semitones above the C below it, 0 to 11. */
    public int semitones() {
        return semitones;
    }

    /** The letter that many steps further, going round after B; steps may be negative. */
    public Letter plus(int steps) {
        return ALL[Math.floorMod(ordinal() + steps, 7)];
    }

    /** Reads one upper-case letter A to G; refuses anything else. */
    public static Letter of(char c) {
        for (Letter letter : ALL) {
            if (letter.name().charAt(0) == c) return letter;
        }
        throw Refusal.of("A note starts with a letter from A to G, not with \"" + c + "\".");
    }
}
