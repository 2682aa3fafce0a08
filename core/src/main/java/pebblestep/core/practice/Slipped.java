package pebblestep.core.practice;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.voice.By;
import pebblestep.core.walk.Walk;

/**
 * What slipped in a take, as far as the player said it.
 *
 * @param kinds each once, in their order
 * @param notes the notes that were touched
 */
public record Slipped(List<SlipKind> kinds, List<Note> notes) {
    /** Nothing said. */
    public static final Slipped NOTHING = new Slipped(List.of(), List.of());

    /** More notes than anybody points at. */
    public static final int MOST_NOTES = 16;

    /**
     * A note of the line or of a further voice.
     *
     * @param index its place in the passage, or among the notes of its voice, from 0
     * @param written how it is read
     * @param by who plays its voice; empty for a note of the line
     * @param station the key of a walk in which it stands, from 0; empty for a step that does not walk
     */
    public record Note(int index, Pitch written, Optional<By> by, Optional<Integer> station) {
        /** Refuses stations that no walk has. */
        public Note {
            if (station.filter(at -> at < 0 || at >= Walk.MOST_STATIONS).isPresent()) {
                throw Refusal.of("slipped.notes", "A walk has no key " + (station.orElseThrow() + 1) + ".");
            }
        }

        /** A note of a line in one key. */
        public Note(int index, Pitch written) {
            this(index, written, Optional.empty(), Optional.empty());
        }

        /** In words: {@code B♭4}, {@code G3 in the left hand}, {@code F♯4 in key 3}. */
        private String inWords() {
            return written
                    + by.map(who -> " in " + who.words()).orElse("")
                    + station.map(at -> " in key " + (at + 1)).orElse("");
        }
    }

    /** Refuses more than sixteen notes. */
    public Slipped {
        kinds = kinds.stream().distinct().sorted().toList();
        notes = List.copyOf(notes);
        if (notes.size() > MOST_NOTES) {
            throw Refusal.of("slipped.notes", "Point at " + MOST_NOTES + " notes at most.");
        }
    }

    /** Whether nothing was said. */
    public boolean isNothing() {
        return kinds.isEmpty() && notes.isEmpty();
    }

    /** In words: {@code rhythm, tone, at B♭4 and C5}; empty where nothing was said. */
    public String inWords() {
        String what = kinds.stream().map(SlipKind::words).collect(Collectors.joining(", "));
        if (notes.isEmpty()) return what;
        List<String> where = notes.stream().map(Note::inWords).distinct().toList();
        String places = where.size() == 1
                ? where.get(0)
                : String.join(", ", where.subList(0, where.size() - 1)) + " and " + where.get(where.size() - 1);
        return (what.isEmpty() ? "" : what + ", ") + "at " + places;
    }
}
