package pebblestep.core.rhythm;

import java.util.Optional;
import pebblestep.core.Refusal;

/**
 * A stretch of a line with a rhythm of its own: from where it goes on, in another figure, on another place, or both. A leg
 * lasts until the next one begins.
 *
 * @param start where it begins
 * @param figure the figure from there; the one before without
 * @param place where in the beat its first note stands, from the beat; it is then the next beat that has room. Without,
 *     the leg follows on at once
 */
public record Leg(Start start, Optional<Figure> figure, Optional<Fraction> place) {

    /** Where a leg begins. */
    public sealed interface Start permits AtTurn, AtBar, AtNote {}

    /** With the first note on the way back. */
    public record AtTurn() implements Start {}

    /** With the first note in or after a bar, counted from 1. */
    public record AtBar(int bar) implements Start {
        /** Refuses bars below 1 and above 500. */
        public AtBar {
            if (bar < 1 || bar > 500) throw Refusal.of("rhythm.legs", "A leg begins in bar 1 to 500, not " + bar + ".");
        }
    }

    /** With a note of the line, counted from 1. */
    public record AtNote(int note) implements Start {
        /** Refuses notes below 2 and above 2000: the first note belongs to the step's own rhythm. */
        public AtNote {
            if (note < 2 || note > 2000) {
                throw Refusal.of("rhythm.legs", "A leg begins with note 2 to 2000, not " + note + ".");
            }
        }
    }

    /** Refuses legs that change nothing, and places that do not lie within a beat. */
    public Leg {
        if (figure.isEmpty() && place.isEmpty()) {
            throw Refusal.of("rhythm.legs", "A leg has a figure, a place, or both.");
        }
        if (place.isPresent() && (place.get().signum() < 0 || Fraction.of(3, 8).compareTo(place.get()) <= 0)) {
            throw Refusal.of(
                    "rhythm.legs", "The place of a leg lies within a beat, such as 1/16, not " + place.get() + ".");
        }
    }
}
