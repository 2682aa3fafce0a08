package pebblestep.app.archive;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Identified;

/** What the API shows of archives that are brought in. */
final class ArchiveViews {
    private ArchiveViews() {}

    /** How far an archive has come. */
    enum ArchiveState implements Identified {
        /** It was looked through, and waits. */
        FOUND,
        TAKING,
        TAKEN,
        /** What came in was taken back. */
        UNDONE
    }

    /**
     * What an archive holds. Nothing of it is kept until it is taken.
     *
     * @param id by which it is taken, for an hour
     * @param holds {@code studio}, or {@code student}
     * @param made when it was saved
     * @param becomes whether this studio is empty and takes over the name and settings of the other
     * @param counts how much of what, in words
     * @param alike students of the same name that are here already, and come in a second time
     * @param done rows that stand, while it is taken
     * @param rows all of them
     */
    record ArchiveView(
            UUID id,
            ArchiveState state,
            String holds,
            String title,
            Instant made,
            boolean becomes,
            List<String> counts,
            List<String> alike,
            long done,
            long rows) {}

    /** Whose archive is saved: one student's, or without one the whole studio's. */
    record ArchiveRequest(@Nullable Long student) {}
}
