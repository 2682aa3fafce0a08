package pebblestep.core.instrument;

import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.Pitch;

/**
 * What an instrument reads and how far it reaches. All ranges are written pitch.
 *
 * @param id the name in requests, in kebab case
 * @param name the name in words
 * @param family strings, woodwind, brass: for grouping in a list
 * @param toConcert interval from written to sounding pitch
 * @param clef the clef it reads first
 * @param firstOctave written range of the first months: an octave and a bit
 * @param comfortable written range of a settled player
 * @param full full written range
 */
public record Instrument(
        String id,
        String name,
        String family,
        Interval toConcert,
        Clef clef,
        PitchRange firstOctave,
        PitchRange comfortable,
        PitchRange full) {

    /** The sounding pitch of a written one. */
    public Pitch concert(Pitch written) {
        return written.plus(toConcert);
    }

    /** The interval from sounding to written pitch. */
    public Interval toWritten() {
        return toConcert.negated();
    }

    /** The id. */
    @Override
    public String toString() {
        return id;
    }
}
