package pebblestep.core.fingering;

import java.util.Optional;
import java.util.OptionalInt;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.scale.Key;

/**
 * A way that somebody has fixed: of one note, or of every note at a written pitch. It rests where there is another note by now, in
 * another key, and on an instrument that has no such way.
 *
 * @param note the index of the note; without it every one at the pitch
 * @param pitch the written pitch
 * @param key the written key in which it holds; without it in any
 * @param way the id of the way
 */
public record Pin(OptionalInt note, Optional<Pitch> pitch, Optional<Key> key, String way) {
    /** Refuses a pin of no note, and an index below 0. */
    public Pin {
        if (note.isEmpty() && pitch.isEmpty()) {
            throw Refusal.of("note", "A fixed fingering belongs to a note.")
                    .fits("Give its number in the line, from 0, or its written pitch.");
        }
        if (note.orElse(0) < 0) throw Refusal.of("note", "Notes are counted from 0.");
    }

    /** Fixes one note, as long as it is that pitch. */
    public static Pin at(int note, Pitch pitch, String way) {
        return new Pin(OptionalInt.of(note), Optional.of(pitch), Optional.empty(), way);
    }

    /** Fixes every note at a pitch in a key. */
    public static Pin always(Pitch pitch, Key key, String way) {
        return new Pin(OptionalInt.empty(), Optional.of(pitch), Optional.of(key), way);
    }

    /** Whether it means a note of a line: by its index, its written pitch and the key it is in. */
    public boolean means(int index, Pitch written, Key in) {
        return (note.isEmpty() || note.getAsInt() == index)
                && pitch.filter(own -> !own.equals(written)).isEmpty()
                && key.filter(own -> !own.equals(in)).isEmpty();
    }
}
