package pebblestep.app.assignments;

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
import pebblestep.core.forecast.Prospect;
import pebblestep.documents.ClimbDocument;
import tools.jackson.databind.JsonNode;

/** What the API takes and shows of assignments. */
public final class AssignmentViews {
    private AssignmentViews() {}

    /**
     * A step to give to a student, from a day to a day, for so many minutes a day.
     *
     * @param endsOn the last day; without one it goes on until it is learned
     * @param weekdays the days of the week, 1 being Monday; every day without any
     * @param start the rung the student starts on, an index for each axis; the first without
     * @param goal a tempo to be met by a day; none without
     */
    public record AssignmentRequest(
            @NotNull(message = "Choose a step.") Long stepId,
            @NotNull(message = "Choose a student.") Long studentId,
            @NotNull(message = "Give the first day.") LocalDate startsOn,
            @Nullable LocalDate endsOn,
            @Nullable @Size(max = 7, message = "A week has seven days.")
                    List<@NotNull @Min(1) @Max(7) Integer> weekdays,
            @NotNull(message = "Give the minutes a day.")
                    @Min(value = 1, message = "A step takes at least 1 minute a day.")
                    @Max(value = Prospect.MOST_MINUTES, message = "A step takes at most {value} minutes a day.")
                    Integer minutesADay,
            @Nullable @Size(max = 6, message = "Give one rung for each axis.") List<@NotNull Integer> start,
            @Nullable @Valid GoalRequest goal) {}

    /** A tempo to be met by a day, in the values of the climb's last rung. */
    public record GoalRequest(
            @NotNull(message = "Give the tempo to be met.") BigDecimal bpm,
            @NotNull(message = "Give the day by which it is to be met.") LocalDate date) {}

    /** A goal to set; none takes it away. */
    public record GoalChange(@Nullable @Valid GoalRequest goal) {}

    /** Another climb for a step that is given already. */
    public record ClimbChange(
            @NotNull(message = "Give a climb.") @Schema(implementation = ClimbDocument.class) JsonNode climb) {}

    /** The rung a student is put on: what the teacher picked, or any other. */
    public record Placing(
            @NotNull(message = "Give the rung.") @Size(min = 1, max = 6, message = "Give one rung for each axis.")
                    List<@NotNull Integer> at) {}

    /** When a step that is given already is practised from now on. */
    public record ScheduleRequest(
            @Nullable LocalDate endsOn,
            @Nullable @Size(max = 7, message = "A week has seven days.")
                    List<@NotNull @Min(1) @Max(7) Integer> weekdays,
            @NotNull(message = "Give the minutes a day.")
                    @Min(value = 1, message = "A step takes at least 1 minute a day.")
                    @Max(value = Prospect.MOST_MINUTES, message = "A step takes at most {value} minutes a day.")
                    Integer minutesADay) {}

    /** Whether the student is held on the rung, or goes on. */
    public record Holding(@NotNull(message = "Say whether to hold.") Boolean holds) {}

    /**
     * An assignment as the teacher sees it, with its climb as it is now.
     *
     * @param givenBy the teacher who gave it; absent where there is one alone, where a plan did, or nobody knows
     */
    public record AssignmentView(
            long id,
            long studentId,
            long stepId,
            String title,
            String summary,
            ClimbDocument climb,
            String climbWords,
            @Nullable GoalRequest goal,
            LocalDate startsOn,
            @Nullable LocalDate endsOn,
            List<Integer> weekdays,
            int minutesADay,
            boolean ended,
            @Nullable String givenBy) {}
}
