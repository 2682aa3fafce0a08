package pebblestep.core.melody;

import java.util.List;
import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.scale.Key;

/**
 * One voice of music as somebody wrote it: one note at a time, ties joined, repeats played out.
 *
 * @param title what it is called; may be empty
 * @param meter its meter
 * @param tempo how fast, where that is written
 * @param signed the key that its signature says, where it says one whole
 * @param fifths the signature: sharps, or flats where negative; empty where nothing says it
 * @param notes in order, none of them overlapping
 */
public record Melody(
        String title,
        Meter meter,
        Optional<Tempo> tempo,
        Optional<Key> signed,
        Optional<Integer> fifths,
        List<Note> notes) {
    /** Bars of a melody at most. */
    public static final int MOST_BARS = 64;

    /** Notes of a melody at most. */
    public static final int MOST_NOTES = 500;

    /**
     * A note.
     *
     * @param pitch as it is spelled
     * @param at where it begins, from the downbeat of bar 1
     * @param value how long it lasts
     */
    public record Note(Pitch pitch, Fraction at, Fraction value) {
        Fraction end() {
            return at.plus(value);
        }
    }

    /** Refuses a melody without notes, and one that is too long to be practised as a line. */
    public Melody {
        notes = List.copyOf(notes);
        if (notes.isEmpty()) throw Refusal.of("There is no note in it.").fits("Choose another part or voice.");
        if (notes.size() > MOST_NOTES) {
            throw Refusal.of("It has " + notes.size() + " notes; a line has at most " + MOST_NOTES + ".")
                    .fits("Take a shorter passage out of it.");
        }
        int bars = meter.barOf(notes.get(notes.size() - 1).at());
        if (bars > MOST_BARS) {
            throw Refusal.of("It has " + bars + " bars; a line has at most " + MOST_BARS + ".")
                    .fits("Take a shorter passage out of it.");
        }
    }

    /** The same under another title. */
    public Melody titled(String other) {
        return new Melody(other, meter, tempo, signed, fifths, notes);
    }

    /** The lowest note. */
    Pitch lowest() {
        return notes.stream().map(Note::pitch).min(Pitch::compareTo).orElseThrow();
    }
}
