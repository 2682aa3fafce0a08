package pebblestep.app.practice;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import pebblestep.core.practice.TapCheck;
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

    /** Taps along with the click: milliseconds from the computed time of the first note, at a tempo. */
    public record TapsForm(
            @NotNull(message = "Give the tempo.") BigDecimal bpm,
            @NotNull(message = "Give the taps.") @Size(max = TapCheck.MOST_TAPS, message = "At most 1000 taps at once.")
                    List<@NotNull Double> taps) {}

    /**
     * How taps lie against the notes; late is positive.
     *
     * @param notes how many notes there are
     * @param extra taps beside them
     * @param bpm beats a minute of the taps
     * @param taps each note that was tapped
     * @param elsewhere the place that the taps lie on instead of their own, in words; null where they lie on it
     */
    public record TapsView(
            String sentence,
            int notes,
            int extra,
            double meanMs,
            double spreadMs,
            double bpm,
            List<TapView> taps,
            @Nullable String elsewhere) {}

    /** One tapped note, by its index, and how late it was. */
    public record TapView(int note, double offsetMs) {}
}
