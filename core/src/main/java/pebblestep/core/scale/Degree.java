package pebblestep.core.scale;

import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.NoteName;

/**
 * A degree relative to the major scale of the same tonic: a number from 1 to 7 and an alteration. {@code b3} is a
 * semitone below the major third.
 */
public record Degree(int number, int alteration) {
    /** Semitones of the major scale above its tonic: steps 2 2 1 2 2 2 1 (common practice, no source). */
    private static final int[] MAJOR = {0, 2, 4, 5, 7, 9, 11};

    /** Refuses numbers outside 1 to 7 and more than a double alteration. */
    public Degree {
        if (number < 1 || number > 7) throw Refusal.of("Degrees run from 1 to 7, not " + number + ".");
        if (Math.abs(alteration) > 2) throw Refusal.of("A degree is altered at most twice.");
    }

    /** Reads {@code 1}, {@code b3}, {@code #4}, {@code bb7}; refuses anything else. */
    public static Degree parse(String text) {
        int at = 0;
        int alteration = 0;
        while (at < text.length() && (text.charAt(at) == 'b' || text.charAt(at) == '#')) {
            alteration += text.charAt(at++) == 'b' ? -1 : 1;
        }
        if (at != text.length() - 1 || !Character.isDigit(text.charAt(at))) {
            throw Refusal.of("\"" + text + "\" is not a degree; write 1 to 7 with b or # before it.");
        }
        return new Degree(text.charAt(at) - '0', alteration);
    }

    /** This degree altered by that many semitones more; refuses more than a double alteration. */
    public Degree altered(int semitones) {
        return semitones == 0 ? this : new Degree(number, alteration + semitones);
    }

    /** Semitones above the tonic. */
    public int semitones() {
        return MAJOR[number - 1] + alteration;
    }

    /** The interval from the tonic up to this degree. */
    public Interval interval() {
        return Interval.of(number - 1, semitones());
    }

    /** This degree spelled above a tonic; refuses triple alterations. */
    public NoteName above(NoteName tonic) {
        return tonic.plus(interval());
    }

    /** This degree spelled above a tonic; empty where it would need a triple alteration. */
    public Optional<NoteName> tryAbove(NoteName tonic) {
        return tonic.tryPlus(interval());
    }

    /** As documents write it, in plain characters: {@code b3}; {@link #parse} reads it. */
    public String id() {
        return (alteration < 0 ? "b".repeat(-alteration) : "#".repeat(alteration)) + number;
    }

    /** As a sentence says it, with the signs of the staff: {@code ♭3}. */
    @Override
    public String toString() {
        return (alteration < 0 ? "♭".repeat(-alteration) : "♯".repeat(alteration)) + number;
    }
}
