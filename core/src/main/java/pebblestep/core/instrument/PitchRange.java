package pebblestep.core.instrument;

import java.util.List;
import pebblestep.core.Parts;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.Pitch;

/** A range of pitches, both ends included. */
public record PitchRange(Pitch lowest, Pitch highest) {
    /** Refuses a range whose top sounds below its bottom. */
    public PitchRange {
        if (highest.midi() < lowest.midi()) {
            throw Refusal.of("A range goes from its lowest pitch up: " + lowest + " to " + highest + " goes down.");
        }
    }

    /** Reads {@code Bb3-A6}. */
    public static PitchRange parse(String text) {
        List<String> ends = Parts.of(text, "-", 2);
        if (ends.size() != 2) throw Refusal.of("Write a range as two pitches, such as Bb3-A6.");
        return new PitchRange(Pitch.parse(ends.getFirst()), Pitch.parse(ends.getLast()));
    }

    /** Whether a pitch sounds within the range. */
    public boolean contains(Pitch pitch) {
        return lowest.midi() <= pitch.midi() && pitch.midi() <= highest.midi();
    }

    /** Whether another range lies within this one. */
    public boolean contains(PitchRange other) {
        return contains(other.lowest) && contains(other.highest);
    }

    /** This range with its top moved by semitones, its new note named as it is usually called; refuses an empty range. */
    public PitchRange withTopMoved(int semitones) {
        return new PitchRange(lowest, Pitch.commonlyNamed(highest.midi() + semitones));
    }

    /** This range with its bottom moved by semitones, downwards where negative; refuses an empty range. */
    public PitchRange withBottomMoved(int semitones) {
        return new PitchRange(Pitch.commonlyNamed(lowest.midi() + semitones), highest);
    }

    /** As documents write it, in plain characters: {@code Bb3-A6}; {@link #parse} reads it. */
    public String id() {
        return lowest.id() + "-" + highest.id();
    }

    /** As a sentence says it: {@code B♭3 to A6}. */
    @Override
    public String toString() {
        return lowest + " to " + highest;
    }
}
