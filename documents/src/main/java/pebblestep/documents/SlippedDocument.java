package pebblestep.documents;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.practice.SlipKind;
import pebblestep.core.practice.Slipped;
import pebblestep.core.voice.By;

/**
 * What slipped in a take, as JSON: kinds of slips (notes, rhythm, evenness, tone, tension), and the notes that were
 * touched, each by its index in the passage and its written pitch.
 */
public record SlippedDocument(@Nullable List<SlipKind> kinds, @Nullable List<SlippedNote> notes) {
    /** A note that was touched: of a further voice by whoever plays that, and on a walk in a key of it, from 0. */
    public record SlippedNote(int index, String pitch, @Nullable By by, @Nullable Integer station) {}

    /** The document of what slipped. */
    public static SlippedDocument of(Slipped slipped) {
        return new SlippedDocument(
                slipped.kinds(),
                slipped.notes().stream()
                        .map(note -> new SlippedNote(
                                note.index(),
                                note.written().id(),
                                note.by().orElse(null),
                                note.station().orElse(null)))
                        .toList());
    }

    /** What it says; refuses kinds that there are not, and pitches that cannot be read. */
    public Slipped read() {
        return new Slipped(
                or(kinds), or(notes).stream().map(SlippedDocument::note).toList());
    }

    private static <T> List<T> or(@Nullable List<T> list) {
        return list == null ? List.of() : list;
    }

    private static Slipped.Note note(SlippedNote part) {
        if (part.index < 0) throw Refusal.of("slipped.notes", "Notes are counted from 0.");
        return Fields.at(
                "slipped.notes",
                () -> new Slipped.Note(
                        part.index,
                        Pitch.parse(part.pitch),
                        Optional.ofNullable(part.by),
                        Optional.ofNullable(part.station)));
    }
}
