package pebblestep.core.scale;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pebblestep.core.pitch.NoteName;

/** Finds what is new in a key for a player who comes from another one. */
public final class NewNotes {
    private NewNotes() {}

    /**
     * A note of the key that the key before did not have.
     *
     * @param note the new note
     * @param was the note on the same letter in the key before; empty where that key left the letter out
     */
    public record NewNote(NoteName note, Optional<NoteName> was) {}

    /** The notes that sound in a key, either way, and not in the one before; in the order of the way up. */
    public static List<NewNote> of(Key key, Key before) {
        Set<NoteName> known = notes(before);
        List<NewNote> fresh = new ArrayList<>();
        for (NoteName note : notes(key)) {
            if (known.stream().anyMatch(old -> old.pitchClass() == note.pitchClass())) continue;
            Optional<NoteName> was =
                    known.stream().filter(old -> old.letter() == note.letter()).findFirst();
            fresh.add(new NewNote(note, was));
        }
        return List.copyOf(fresh);
    }

    private static Set<NoteName> notes(Key key) {
        Set<NoteName> notes = new LinkedHashSet<>(key.notes(Direction.UP));
        notes.addAll(key.notes(Direction.DOWN));
        return notes;
    }
}
