package pebblestep.core.metronome;

import pebblestep.core.passage.Passage;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.pitch.ReferencePitch;
import pebblestep.core.scale.Direction;

/**
 * The notes of a drone for a passage, in hertz: the sounding tonic between C3 and B3, and the fifth above it. The fifth
 * is pure, 3:2, so that nothing beats against the tonic; one in equal temperament would be two hundredths of a semitone
 * narrower (common practice, no source).
 */
public record DroneTones(double tonic, double fifth) {
    private static final int OCTAVE = 3;
    private static final double PURE_FIFTH = 3.0 / 2;

    /** The notes for a passage, tuned to that reference pitch. */
    public static DroneTones of(Passage passage, ReferencePitch reference) {
        Pitch any = passage.concertKey().pitchAt(0, Direction.UP, OCTAVE);
        // A tonic such as Cb3 or B#3 sounds in the octave beside; what counts is where it sounds.
        int octaves = Math.floorDiv(any.midi() - Pitch.parse("C3").midi(), 12);
        double tonic = reference.hertz(any) / Math.pow(2, octaves);
        return new DroneTones(tonic, tonic * PURE_FIFTH);
    }
}
