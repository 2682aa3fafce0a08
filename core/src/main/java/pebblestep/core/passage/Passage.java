package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.line.LineNote;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.SixAccidentals;
import pebblestep.core.scale.Slip;
import pebblestep.core.scale.Slips;

/**
 * A step worked out note by note, for one player: the one result that every screen, sound and file uses.
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
        return of(step, null);
    }

    /** The passage of a step for a player, or at concert pitch without one; refuses a line that does not fit them. */
    public static Passage of(Step step, @Nullable Player player) {
        Interval toWritten = toWritten(player);
        Interval toConcert = toWritten.negated();
        Key written = writtenKey(step, player);
        Key concert = step.named() == Step.Named.CONCERT ? step.key() : transposed(step.key(), toConcert, player);
        List<LineNote> line = step.line().notes(step.key().form());
        int octave = Register.tonicOctave(written, step, line, player);
        // Written and concert tonic may be spelled on other letters than the interval says (Ab for G#), so the
        // concert octave is found by sound.
        int concertOctave =
                octaveSounding(concert, written.pitchAt(0, Direction.UP, octave).midi() + toConcert.semitones());
        List<PassageNote> notes = new ArrayList<>(line.size());
        for (Timing.Attack attack : Timing.of(step, line).attacks()) {
            LineNote note = line.get(attack.note());
            notes.add(new PassageNote(
                    notes.size(),
                    attack.note(),
                    pitch(written, note, octave),
                    pitch(concert, note, concertOctave),
                    written.degreeAt(note.index(), note.direction()).altered(note.alteration()),
                    note.direction(),
                    attack.at(),
                    attack.value()));
        }
        return new Passage(step, written, concert, notes);
    }

    /** Refuses a step whose line does not fit a player, as {@link #of} would, without working out its rhythm. */
    public static void requireFits(Step step, Player player) {
        Register.tonicOctave(
                writtenKey(step, player), step, step.line().notes(step.key().form()), player);
    }

    /** The pitch of a note of a line in a key, with the tonic of its range in that octave. */
    static Pitch pitch(Key key, LineNote note, int octave) {
        Pitch inForm = key.pitchAt(note.index(), note.direction(), octave);
        return note.alteration() == 0 ? inForm : inForm.plus(Interval.of(0, note.alteration()));
    }

    /** The key that a player reads, or the concert key without one. */
    public static Key writtenKey(Step step, @Nullable Player player) {
        return step.named() == Step.Named.WRITTEN ? step.key() : transposed(step.key(), toWritten(player), player);
    }

    /** The key that a player reads for one that is named so. */
    public static Key writtenKey(Key key, Step.Named named, @Nullable Player player) {
        return named == Step.Named.WRITTEN ? key : transposed(key, toWritten(player), player);
    }

    private static Interval toWritten(@Nullable Player player) {
        return player == null ? Interval.UNISON : player.instrument().toWritten();
    }

    private static Key transposed(Key key, Interval interval, @Nullable Player player) {
        return key.transposed(interval, player == null ? SixAccidentals.BY_INTERVAL : player.six());
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

    /** The lowest written pitch. */
    public Pitch lowest() {
        return notes.stream().map(PassageNote::written).min(Pitch::compareTo).orElseThrow();
    }

    /** The highest written pitch. */
    public Pitch highest() {
        return notes.stream().map(PassageNote::written).max(Pitch::compareTo).orElseThrow();
    }

    /** Number of the last bar in which an attack stands; a pickup adds none. */
    public int bars() {
        return Math.max(1, step.meter().barOf(last().at()));
    }

    /** Bar in which the first attack stands: 0 for a pickup, else 1. */
    public int firstBar() {
        return step.meter().barOf(first().at());
    }

    /** Milliseconds from the first attack to a position, at the step's tempo and with its swing. */
    public double millisAt(Fraction position) {
        return step.tempo().millis(sounding(position).minus(sounding(first().at())));
    }

    private Fraction sounding(Fraction position) {
        return step.rhythm().swing().sounding(position, step.rhythm().swung());
    }

    /** Milliseconds from the first attack to the end of the last note. */
    public double durationMillis() {
        return millisAt(last().at().plus(last().value()));
    }

    /** The fastest steady rate of the figure. */
    public double notesPerSecond() {
        return step.tempo().notesPerSecond(quickest());
    }

    /** The shortest time from one attack to the next, in whole notes. */
    public Fraction quickest() {
        Fraction quickest = step.figure().quickest();
        for (int i = 1; i < notes.size(); i++) {
            Fraction apart = notes.get(i).at().minus(notes.get(i - 1).at());
            if (i == 1 || apart.isLessThan(quickest)) quickest = apart;
        }
        return quickest;
    }

    /**
     * Neighbouring notes of the line worth alternating alone before the run: those of the key, in written pitch, and
     * those that the instrument makes awkward, each once.
     */
    public List<AwkwardSpot> awkward(@Nullable Player player) {
        return AwkwardSpots.of(this, player);
    }

    /** The likely slips, in written pitch. */
    public List<Slip> slips() {
        return Slips.of(writtenKey);
    }
}
