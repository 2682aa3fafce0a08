package pebblestep.core.notation;

import java.util.List;
import java.util.Optional;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Fraction;

/**
 * One written sign in a bar: a note or a rest.
 *
 * @param at exact position from the downbeat of bar 1
 * @param length exact sounding length, so that the lengths of a bar add up to it
 * @param base the written value without dots or tuplet: 1, 2, 4, 8, 16, 32 …
 * @param dots augmentation dots
 * @param note index of the note of the passage, empty for a rest
 * @param pitch its written pitch, empty for a rest
 * @param accidental the sign to print, empty where the signature or the bar has said it
 * @param tied whether a tie leads to the next glyph
 * @param marks signs over or under it
 * @param more further heads on its stem
 */
public record Glyph(
        Fraction at,
        Fraction length,
        int base,
        int dots,
        Optional<Integer> note,
        Optional<Pitch> pitch,
        Optional<Accidental> accidental,
        boolean tied,
        List<Mark> marks,
        List<Head> more) {
    public Glyph {
        marks = List.copyOf(marks);
        more = List.copyOf(more);
    }

    /** Whether it is a rest. */
    public boolean isRest() {
        return note.isEmpty();
    }

    /** Whether its value has flags or beams. */
    boolean isBeamable() {
        return !isRest() && base >= 8;
    }
}
