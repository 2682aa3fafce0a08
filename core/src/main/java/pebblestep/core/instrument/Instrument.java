package pebblestep.core.instrument;

import java.util.List;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.Pitch;

/**
 * What an instrument reads and how far it reaches. All ranges are written pitch.
 *
 * @param id the name in requests, in kebab case
 * @param name the name in words
 * @param family strings, woodwind, brass: for grouping in a list
 * @param toConcert interval from written to sounding pitch
 * @param clefs the clefs it reads, the usual one first
 * @param firstOctave written range of the first months: an octave and a bit
 * @param comfortable written range of a settled player
 * @param full full written range
 * @param fingeredLike the id of the instrument whose hand it borrows; its own id for one that everybody has
 */
public record Instrument(
        String id,
        String name,
        String family,
        Interval toConcert,
        List<Clef> clefs,
        PitchRange firstOctave,
        PitchRange comfortable,
        PitchRange full,
        String fingeredLike) {
    private static final int MOST_CLEFS = 4;
    private static final int FURTHEST = 36;

    /** Refuses an instrument without a clef, that sounds over three octaves away, or whose ranges do not lie within each other. */
    public Instrument {
        clefs = List.copyOf(clefs);
        if (clefs.isEmpty() || clefs.size() > MOST_CLEFS) {
            throw Refusal.of("clefs", "An instrument reads one to " + MOST_CLEFS + " clefs.");
        }
        if (Math.abs(toConcert.semitones()) > FURTHEST) {
            throw Refusal.of("transposition", "An instrument sounds at most three octaves from what it reads.");
        }
        if (!full.contains(comfortable)) {
            throw Refusal.of("comfortable", "The comfortable range lies within the full range, " + full + ".");
        }
        if (!comfortable.contains(firstOctave)) {
            throw Refusal.of("firstOctave", "The first octave lies within the comfortable range, " + comfortable + ".");
        }
    }

    /** The clef it reads first. */
    public Clef clef() {
        return clefs.get(0);
    }

    /** The written range of a level. */
    public PitchRange range(Level level) {
        return switch (level) {
            case FIRST_OCTAVE -> firstOctave;
            case COMFORTABLE -> comfortable;
            case FULL -> full;
        };
    }

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
