package pebblestep.app.practice;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import pebblestep.core.practice.Outcome;
import pebblestep.core.practice.Ran;
import pebblestep.documents.ClimbDocuments.PlayedPart;
import pebblestep.documents.SlippedDocument;
import pebblestep.documents.practice.PieceDocument;
import pebblestep.documents.practice.ReckonedPart;
import pebblestep.documents.practice.TodayItem;

/** What the student's side takes and shows. */
public final class PracticeViews {
    private PracticeViews() {}

    /**
     * A take, with the id its client made for it, the tempo played and the student's own time.
     *
     * @param played the rungs of other axes than tempo that were played, as today's list gave them
     * @param slipped what slipped, where the student said it
     * @param seconds how long it took
     * @param reckoned what the page has reckoned it to come to, where it did; it is held against what the log comes to
     */
    public record TakeRequest(
            @NotNull(message = "Give the take an id.") UUID clientId,
            @NotNull(message = "Name the assignment.") Long assignmentId,
            @NotNull(message = "Give the tempo.") BigDecimal bpm,
            @Nullable @Size(max = 5, message = "Give one rung for each axis.") List<@NotNull PlayedPart> played,
            @NotNull(message = "Say how it went.") Outcome outcome,
            @Nullable @Size(max = 500, message = "A note has at most 500 characters.") String note,
            @NotNull(message = "Say when it was.") OffsetDateTime takenAt,
            @Nullable SlippedDocument slipped,
            @Nullable
                    @Min(value = 0, message = "A take has no negative time.")
                    @Max(value = MOST_SECONDS, message = "A take has at most an hour.")
                    Integer seconds,
            @Nullable ReckonedPart reckoned) {
        static final int MOST_SECONDS = Ran.MOST_SECONDS;

        /** A take of which no more is known than how it went. */
        public TakeRequest(
                UUID clientId,
                long assignmentId,
                BigDecimal bpm,
                @Nullable List<PlayedPart> played,
                Outcome outcome,
                @Nullable String note,
                OffsetDateTime takenAt) {
            this(clientId, assignmentId, bpm, played, outcome, note, takenAt, null, null, null);
        }
    }

    /** A line to the teacher, with the id its client made for it and the student's own time. */
    public record WordRequest(
            @NotNull(message = "Give the line an id.") UUID clientId,
            @NotBlank(message = "Write a line.") @Size(max = 500, message = "A line has at most 500 characters.")
                    String text,
            @NotNull(message = "Say when it was.") OffsetDateTime saidAt) {}

    /** A line to the teacher. */
    public record WordView(long id, String text, LocalDate day) {}

    /** A take in the log; {@code slipped} says what slipped in words, and is empty where nothing was said; {@code onPaper}
     * where it was ticked on a sheet. */
    public record TakeView(
            long id,
            long assignmentId,
            String title,
            BigDecimal bpm,
            Outcome outcome,
            String note,
            String slipped,
            LocalDate day,
            boolean onPaper) {}

    /**
     * A box that was ticked on a sheet: a clean take on a day.
     *
     * @param bpm the tempo beside it
     * @param played the rungs of other axes than tempo, as the sheet's list gave them
     */
    public record TickRequest(
            @NotNull(message = "Name the assignment.") Long assignment,
            @NotNull(message = "Give the tempo.") BigDecimal bpm,
            @Nullable @Size(max = 5, message = "Give one rung for each axis.") List<@NotNull PlayedPart> played,
            @NotNull(message = "Give the day.") LocalDate day) {}

    /** A sheet that comes back. */
    public record TicksRequest(
            @NotNull(message = "Tick a box.") @Size(min = 1, max = 300, message = "A sheet has 1 to 300 ticks.")
                    List<@Valid @NotNull TickRequest> ticks) {}

    /** What came of a sheet: how many takes were new, and how many had been typed in before. */
    public record TicksView(int taken, int before) {}

    /** Where the student stands with a piece after a take: as the list shows it, and with all that is needed to go on. */
    public record TakeAnswer(TodayItem item, PieceDocument piece) {}
}
