package pebblestep.core.metronome;

import java.util.List;
import pebblestep.core.passage.Passage;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.pitch.ReferencePitch;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Key;

/**
 * The notes of a drone for a passage, in hertz: the sounding tonic between C3 and B3, and the fifth above it. The fifth
 * is pure, 3:2, so that nothing beats against the tonic; one in equal temperament would be two hundredths of a semitone
 * narrower (common practice, no source).
 */
public record DroneTones(double tonic, double fifth) {
    private static final int OCTAVE = 3;
    private static final double PURE_FIFTH = 3.0 / 2;

    /**
     * The notes from a position on.
     *
     * @param at from the downbeat of bar 1
     */
    public record From(Fraction at, DroneTones tones) {}

    /** The notes for a passage, tuned to that reference pitch; of a walk those of its first key. */
    public static DroneTones of(Passage passage, ReferencePitch reference) {
        return of(passage.concertKey(), reference);
    }

    /** Where the notes of a walk change, its first key's first: a drone goes along with the key. Empty for one key. */
    public static List<From> along(Passage passage, ReferencePitch reference) {
        return passage.stations().stream()
                .map(station -> new From(station.begins(), of(station.concertKey(), reference)))
                .toList();
    }

    private static DroneTones of(Key concert, ReferencePitch reference) {
        Pitch any = concert.pitchAt(0, Direction.UP, OCTAVE);
        // A tonic such as Cb3 or B#3 sounds in the octave beside; what counts is where it sounds.
        int octaves = Math.floorDiv(any.midi() - Pitch.parse("C3").midi(), 12);
        double tonic = reference.hertz(any) / Math.pow(2, octaves);
        return new DroneTones(tonic, tonic * PURE_FIFTH);
    }
}
