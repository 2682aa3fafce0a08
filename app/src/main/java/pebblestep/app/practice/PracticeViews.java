package pebblestep.app.practice;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import pebblestep.exchange.ClimbDocuments.PlayedPart;

/** What the student's side takes and shows. */
public final class PracticeViews {
    private PracticeViews() {}

    /**
     * A take, with the id its client made for it, the tempo played and the student's own time.
     *
     * @param played the rungs of other axes than tempo that were played, as today's list gave them
     */
    public record TakeForm(
            @NotNull(message = "Give the take an id.") UUID clientId,
            @NotNull(message = "Name the assignment.") Long assignmentId,
            @NotNull(message = "Give the tempo.") BigDecimal bpm,
            @Nullable @Size(max = 5, message = "Give one rung for each axis.") List<@NotNull PlayedPart> played,
            @NotNull(message = "Say how it went.") TakeOutcome outcome,
            @Nullable @Size(max = 500, message = "A note has at most 500 characters.") String note,
            @NotNull(message = "Say when it was.") OffsetDateTime takenAt) {}

    /** A take in the log. */
    public record TakeView(
            long id,
            long assignmentId,
            String title,
            BigDecimal bpm,
            TakeOutcome outcome,
            String note,
            LocalDate day) {}

    /**
     * One thing to practise today, and where the student stands on it.
     *
     * @param rungs the tempos of the climb
     * @param rung which of them to play now
     * @param stage the rungs of other axes to play now, in words; empty where the step grows by its tempo alone
     * @param played the same as fields, to be sent back with a take
     * @param rungsLeft rungs from this one to the last
     * @param repetitions how often to play it today
     * @param minutes what that takes, with count-in and rest, rounded up
     */
    public record TodayItem(
            long assignmentId,
            String title,
            String key,
            String summary,
            String beat,
            List<BigDecimal> rungs,
            int rung,
            BigDecimal bpm,
            String stage,
            List<PlayedPart> played,
            int rungsLeft,
            int repetitions,
            long minutes,
            int cleanInRow,
            int cleanToPass,
            String kind,
            String sentence,
            int minutesADay,
            int takesToday,
            LocalDate endsOn) {}

    /** What a student sees on opening the practice link. */
    public record Today(
            String student, String instrument, LocalDate day, List<TodayItem> items, List<String> cautions) {}
}
