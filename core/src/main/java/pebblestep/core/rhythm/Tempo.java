package pebblestep.core.rhythm;

import pebblestep.core.Refusal;

/**
 * How fast: a note value that gets the beat, and how many of them there are in a minute.
 *
 * @param beat the value that gets the beat, from a thirty-second to a whole note
 * @param bpm beats per minute
 */
public record Tempo(Fraction beat, Bpm bpm) {
    private static final Fraction SHORTEST = Fraction.of(1, 32);

    /** Refuses beats shorter than a thirty-second or longer than a whole note. */
    public Tempo {
        if (beat.isLessThan(SHORTEST) || Fraction.ONE.isLessThan(beat)) {
            throw Refusal.of("tempo.beat", "The beat is a value between 1/32 and 1, not " + beat + ".");
        }
    }

    /** Quarter notes at that many a minute. */
    public static Tempo quarters(long bpm) {
        return new Tempo(Fraction.of(1, 4), Bpm.of(bpm));
    }

    /** The same beat at another speed. */
    public Tempo at(Bpm other) {
        return new Tempo(beat, other);
    }

    /** Milliseconds a whole note lasts. */
    public double wholeMillis() {
        return 60_000.0 / bpm.toDouble() / beat.toDouble();
    }

    /** Milliseconds of a length or position. */
    public double millis(Fraction length) {
        return length.toDouble() * wholeMillis();
    }

    /** Notes of that value in a second: bpm/60 * beat/value, the one measure that compares all values and tempos. */
    public double notesPerSecond(Fraction value) {
        return 1000.0 / millis(value);
    }
}
