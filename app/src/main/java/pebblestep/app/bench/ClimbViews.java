package pebblestep.app.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.climb.AxisKind;
import pebblestep.core.forecast.Pace;
import pebblestep.core.minutes.TrimKind;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.StepDocument;
import tools.jackson.databind.JsonNode;

/** What the API takes and shows of climbs. */
public final class ClimbViews {
    private ClimbViews() {}

    /**
     * A climb to work out.
     *
     * @param student whose share of clean takes and whose range count; nobody's without
     * @param at the rung to start from, an index for each axis; the first without
     * @param instead another climb, to be worked out from the nearest rung of it that is not harder
     * @param practice how much is practised; the usual without
     */
    public record ClimbRequest(
            @NotNull(message = "Give a step.") @Schema(implementation = StepDocument.class) JsonNode step,
            @NotNull(message = "Give a climb.") @Schema(implementation = ClimbDocument.class) JsonNode climb,
            @Nullable Long student,
            @Nullable @Size(max = 6, message = "Give one rung for each axis.") List<@NotNull Integer> at,
            @Nullable @Schema(implementation = ClimbDocument.class) JsonNode instead,
            @Nullable @Valid Practice practice) {}

    /**
     * How much is practised, and by when it should be done.
     *
     * @param minutesADay for this step; 8 without
     * @param daysAWeek 5 without
     */
    public record Practice(
            @Nullable
                    @Min(value = 1, message = "A step takes at least 1 minute a day.")
                    @Max(value = 180, message = "A step takes at most 180 minutes a day.")
                    Integer minutesADay,
            @Nullable
                    @Min(value = 1, message = "A week has 1 to 7 days of practice.")
                    @Max(value = 7, message = "A week has 1 to 7 days of practice.")
                    Integer daysAWeek,
            @Nullable LocalDate by) {}

    /**
     * A climb, worked out.
     *
     * @param at the rung it starts from
     * @param levels axes that move as one, innermost first, by their places among the axes
     * @param walk every rung from there to the last
     * @param least the least practice of all, in words
     * @param leastDays the fewest days
     * @param moves what leads up from there
     * @param prospect when it is likely to be done
     * @param cleanShare share of clean takes that is reckoned with, in percent
     * @param ownShare whether that share is the student's own
     */
    public record ClimbAnswer(
            List<Integer> at,
            List<List<Integer>> levels,
            List<AxisView> axes,
            List<RungView> walk,
            String least,
            int leastDays,
            List<MoveView> moves,
            ProspectView prospect,
            int cleanShare,
            boolean ownShare) {}

    /** An axis, and each of its rungs with the others as they stand. */
    public record AxisView(AxisKind axis, String name, List<RungView> rungs) {}

    /**
     * A rung of a climb.
     *
     * @param at an index for each axis
     * @param words what it is on its axis; on a walk, on all of them
     * @param stage what it is on all axes but tempo; empty where only the tempo is climbed
     * @param bpm beats a minute
     * @param notesPerSecond in the shortest value
     * @param notes attacks of the line
     * @param beats from the first note to the start of the last, as a fraction of beats
     * @param seconds what playing it on a day takes, with count-in, repetitions and rest
     * @param time the same in words
     */
    public record RungView(
            List<Integer> at,
            String words,
            String stage,
            BigDecimal bpm,
            double notesPerSecond,
            int notes,
            String beats,
            int seconds,
            String time) {}

    /** A move up: what moves, where to, and what it changes. */
    public record MoveView(List<AxisKind> axes, List<Integer> to, String words, String sentence) {}

    /**
     * When a climb is likely to be done, and whether a day is met.
     *
     * @param early the first of the days that hold the true one in four of five cases
     * @param done the likeliest
     * @param late the last of them
     * @param source whose days it rests on
     */
    public record ProspectView(
            int days,
            LocalDate early,
            LocalDate done,
            LocalDate late,
            Pace.Source source,
            @Nullable Long daysLate,
            @Nullable Integer enough,
            String sentence) {}

    /** A step that is to grow. */
    public record SuggestionsRequest(
            @NotNull(message = "Give a step.") @Schema(implementation = StepDocument.class) JsonNode step) {}

    /** Steps to be held against the minutes of a day. */
    public record FitRequest(
            @NotNull(message = "Give the minutes there are.")
                    @Min(value = 1, message = "Practice takes at least 1 minute.")
                    @Max(value = 600, message = "A day has at most 600 minutes of practice.")
                    Integer minutes,
            @Nullable
                    @Min(value = 1, message = "A week has 1 to 7 days of practice.")
                    @Max(value = 7, message = "A week has 1 to 7 days of practice.")
                    Integer daysAWeek,
            @NotNull(message = "Give the steps.") @Size(min = 1, max = 60, message = "A routine has 1 to 60 steps.")
                    List<@NotNull @Valid FitStep> steps) {}

    /** A step to be fitted; the first rung of its climb without another. */
    public record FitStep(
            @NotNull(message = "Give a step.") @Schema(implementation = StepDocument.class) JsonNode document,
            @NotNull(message = "Give a climb.") @Schema(implementation = ClimbDocument.class) JsonNode climb,
            @Nullable @Size(max = 6, message = "Give one rung for each axis.") List<@NotNull Integer> at) {}

    /** What fits into the minutes. */
    public record FitAnswer(
            String sentence,
            boolean fits,
            int askedSeconds,
            int takesSeconds,
            String week,
            List<FittedStep> steps,
            List<TrimView> trims) {}

    /** What is left of a step: none of it where repetitions is 0. */
    public record FittedStep(int repetitions, int seconds, String time) {}

    /** One thing left out. */
    public record TrimView(TrimKind kind, int step, int freesSeconds, String sentence) {}
}
