package pebblestep.exchange;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.practice.SlipKind;
import pebblestep.core.practice.Slipped;
import tools.jackson.databind.json.JsonMapper;

/**
 * What slipped in a take, as JSON: kinds of slips (notes, rhythm, evenness, tone, tension), and the notes that were
 * touched, each by its index in the passage and its written pitch.
 */
public record SlippedDocument(@Nullable List<String> kinds, @Nullable List<SlippedNote> notes) {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** A note that was touched. */
    public record SlippedNote(int index, String pitch) {}

    /** The document of what slipped. */
    public static SlippedDocument of(Slipped slipped) {
        return new SlippedDocument(
                slipped.kinds().stream()
                        .map(kind -> kind.name().toLowerCase(Locale.ROOT))
                        .toList(),
                slipped.notes().stream()
                        .map(note ->
                                new SlippedNote(note.index(), note.written().toString()))
                        .toList());
    }

    /** Reads the text of a column. */
    public static Slipped parse(String text) {
        return JSON.readValue(text, SlippedDocument.class).read();
    }

    /** What it says; refuses kinds that there are not, and pitches that cannot be read. */
    public Slipped read() {
        return new Slipped(
                or(kinds).stream().map(SlippedDocument::kind).toList(),
                or(notes).stream().map(SlippedDocument::note).toList());
    }

    private static <T> List<T> or(@Nullable List<T> list) {
        return list == null ? List.of() : list;
    }

    private static SlipKind kind(String id) {
        return Stream.of(SlipKind.values())
                .filter(kind -> kind.name().toLowerCase(Locale.ROOT).equals(id))
                .findFirst()
                .orElseThrow(() -> Refusal.of("slipped.kinds", "\"" + id + "\" is no kind of slip.")
                        .fits("notes, rhythm, evenness, tone or tension."));
    }

    private static Slipped.Note note(SlippedNote part) {
        if (part.index < 0) throw Refusal.of("slipped.notes", "Notes are counted from 0.");
        try {
            return new Slipped.Note(part.index, Pitch.parse(part.pitch));
        } catch (Refusal e) {
            throw e.at("slipped.notes");
        }
    }

    /** The text for a column. */
    public String text() {
        return JSON.writeValueAsString(this);
    }
}
