package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.line.LineNote;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.Slip;
import pebblestep.core.scale.Slips;

/**
 * A step worked out note by note, for one instrument: the one result that every screen, sound and file uses.
 *
 * @param step the step it was made from
 * @param writtenKey the key on paper
 * @param concertKey the key that sounds
 * @param notes in playing order, never empty
 */
public record Passage(Step step, Key writtenKey, Key concertKey, List<PassageNote> notes) {
    public Passage {
        notes = List.copyOf(notes);
    }

    /** The passage of a step at concert pitch, for no instrument in particular. */
    public static Passage of(Step step) {
        return of(step, Optional.empty());
    }

    /** The passage of a step for an instrument; refuses a line that does not fit it, saying what would. */
    public static Passage of(Step step, Instrument instrument) {
        return of(step, Optional.of(instrument));
    }

    /** The passage of a step for an instrument, or at concert pitch without one. */
    public static Passage of(Step step, Optional<Instrument> instrument) {
        Interval toWritten = instrument.map(Instrument::toWritten).orElse(Interval.UNISON);
        Key written = writtenKey(step, instrument);
        Key concert =
                step.named() == Step.Named.CONCERT ? step.key() : step.key().transposed(toWritten.negated());
        List<LineNote> line = step.line().notes(step.key().form());
        int octave = Register.tonicOctave(written, step, instrument);
        Interval toConcert = toWritten.negated();
        // Written and concert tonic may be spelled on other letters than the interval says (Ab for G#), so the
        // concert octave is found by sound.
        int concertOctave = octaveSounding(
                concert, written.pitchAt(0, line.get(0).direction(), octave).midi() + toConcert.semitones());
        Fraction value = step.figure().value();
        List<PassageNote> notes = new ArrayList<>(line.size());
        Fraction at = step.place();
        for (LineNote note : line) {
            notes.add(new PassageNote(
                    notes.size(),
                    written.pitchAt(note.index(), note.direction(), octave),
                    concert.pitchAt(note.index(), note.direction(), concertOctave),
                    written.degreeAt(note.index(), note.direction()),
                    note.direction(),
                    at,
                    value));
            at = at.plus(value);
        }
        return new Passage(step, written, concert, notes);
    }

    /** The key that a player of the instrument reads, or the concert key without one. */
    public static Key writtenKey(Step step, Optional<Instrument> instrument) {
        if (step.named() == Step.Named.WRITTEN) return step.key();
        return step.key().transposed(instrument.map(Instrument::toWritten).orElse(Interval.UNISON));
    }

    private static int octaveSounding(Key key, int tonicMidi) {
        int inOctaveZero = Pitch.of(key.tonic(), 0).midi();
        return (tonicMidi - inOctaveZero) / 12;
    }

    public PassageNote first() {
        return notes.get(0);
    }

    public PassageNote last() {
        return notes.get(notes.size() - 1);
    }

    /** Number of the last bar in which an attack stands; a pickup adds none. */
    public int bars() {
        return Math.max(1, step.meter().barOf(last().at()));
    }

    /** Bar in which the first attack stands: 0 for a pickup, else 1. */
    public int firstBar() {
        return step.meter().barOf(first().at());
    }

    /** Milliseconds from the first attack to a position, at the step's tempo. */
    public double millisAt(Fraction position) {
        return step.tempo().millis(position.minus(first().at()));
    }

    /** Milliseconds from the first attack to the end of the last note. */
    public double durationMillis() {
        return millisAt(last().at().plus(last().value()));
    }

    /** The fastest steady rate of the figure. */
    public double notesPerSecond() {
        return step.tempo().notesPerSecond(step.figure().value());
    }

    /** The likely slips, in written pitch. */
    public List<Slip> slips() {
        return Slips.of(writtenKey);
    }
}
