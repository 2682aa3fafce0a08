package pebblestep.core.sound;

/**
 * How a tone sounds: its wave, how loud it is, and how it comes and dies away. The same shapes as in the practice room.
 *
 * @param harmonics how strong each harmonic is, from the first on
 * @param level of 1
 * @param attack seconds until it is there
 * @param sustain what is left of it at its end, of 1
 */
record Shape(double[] harmonics, double level, double attack, double sustain) {
    /** Odd harmonics that grow faint: a hollow, woody sound. */
    private static final double[] HOLLOW = {1, 0, 1 / 9.0, 0, 1 / 25.0, 0, 1 / 49.0};

    private static final double[] PURE = {1};

    private static final double[] FULL = {1, 0.45, 0.28, 0.12, 0.07};

    static final Shape LINE = new Shape(HOLLOW, 0.2, 0.012, 0.55);
    static final Shape VOICE = new Shape(HOLLOW, 0.15, 0.01, 0.5);
    static final Shape CHORD = new Shape(PURE, 0.085, 0.02, 0.6);
    static final Shape BASS = new Shape(HOLLOW, 0.24, 0.006, 0.35);
    static final Shape DRONE = new Shape(FULL, 0.07, 0.3, 1);

    static Shape of(Track track) {
        return switch (track) {
            case VOICES -> VOICE;
            case CHORDS -> CHORD;
            case BASS -> BASS;
            case LINE, CLICK, DRUMS, DRONE -> LINE;
        };
    }
}
