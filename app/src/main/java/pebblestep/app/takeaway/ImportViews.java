package pebblestep.app.takeaway;

import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.StepDocument;

/** What the API shows of files that are brought in. */
final class ImportViews {
    private ImportViews() {}

    /** What a file holds: a routine of ours, or music of others. */
    enum FoundKind implements pebblestep.core.Identified {
        ROUTINE,
        MUSIC
    }

    /**
     * What was found in a file. Nothing of it is kept until it is taken.
     *
     * @param id by which it is taken, for an hour
     * @param parts the parts of a score by name, and which of them was read
     * @param voices how many voices that part has, and which was read
     * @param keys keys in which music can be read, the likeliest first
     * @param steps what it becomes
     * @param left what cannot be kept, each with its place
     * @param close of music, which other keys fit nearly as well; absent where none does
     * @param hand the fingerings that stand at its notes; absent where there are none
     * @param differs of a routine, how it differs from the one of that title that the studio has
     */
    record FoundView(
            UUID id,
            FoundKind kind,
            String title,
            List<String> parts,
            int part,
            int voices,
            int voice,
            List<KeyChoice> keys,
            List<FoundStep> steps,
            List<String> left,
            @Nullable String close,
            List<String> differs,
            @Nullable FoundHand hand) {}

    /**
     * Fingerings at the notes of music.
     *
     * @param instrument for which they are read, by its id; absent where that is not known
     * @param words how many are kept, and what becomes of the others
     */
    record FoundHand(@Nullable String instrument, String words) {}

    /** A key in which music can be read. */
    record KeyChoice(String tonic, String form, String words, boolean chosen) {}

    /** A step with its climb. */
    record FoundStep(StepDocument document, ClimbDocument climb) {}

    /** What is taken over, under another title where one is given. */
    record TakeOverRequest(@Nullable @Size(max = 200, message = "A title has at most 200 characters.") String title) {}

    /** How music is to be read. */
    record Reading(int part, int voice, @Nullable String tonic, @Nullable String form, @Nullable String instrument) {}
}
