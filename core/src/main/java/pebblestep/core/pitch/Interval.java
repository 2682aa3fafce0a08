package pebblestep.core.pitch;

/**
 * A directed interval: letter steps and semitones, both positive upwards. A perfect fifth up is (4, 7), a major second
 * down is (-1, -2), an octave up is (7, 12).
 */
public record Interval(int steps, int semitones) {
    /** No movement at all: the transposition of an instrument in C. */
    public static final Interval UNISON = new Interval(0, 0);

    public static final Interval OCTAVE = new Interval(7, 12);

    /** An interval of that many letter steps and semitones. */
    public static Interval of(int steps, int semitones) {
        return new Interval(steps, semitones);
    }

    /** The interval from one pitch up (or down) to another. */
    public static Interval between(Pitch from, Pitch to) {
        return new Interval(to.diatonic() - from.diatonic(), to.midi() - from.midi());
    }

    /** The same distance the other way. */
    public Interval negated() {
        return new Interval(-steps, -semitones);
    }
}
