package pebblestep.core.practice;

import java.util.List;
import java.util.stream.Collectors;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.Pitch;

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
     * A note of the line.
     *
     * @param index its place in the passage, from 0
     * @param written how it is read
     */
    public record Note(int index, Pitch written) {}

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
        List<String> where =
                notes.stream().map(note -> note.written().toString()).distinct().toList();
        String places = where.size() == 1
                ? where.get(0)
                : String.join(", ", where.subList(0, where.size() - 1)) + " and " + where.get(where.size() - 1);
        return (what.isEmpty() ? "" : what + ", ") + "at " + places;
    }
}
