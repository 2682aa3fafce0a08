package pebblestep.app.assignments;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import pebblestep.app.bench.LadderForm;

/** What the API takes and shows of assignments. */
public final class AssignmentViews {
    private AssignmentViews() {}

    /** A step to give to a student, from a day to a day, for so many minutes a day. */
    public record AssignmentForm(
            @NotNull(message = "Choose a step.") Long stepId,
            @NotNull(message = "Choose a student.") Long studentId,
            @NotNull(message = "Give the first day.") LocalDate startsOn,
            @NotNull(message = "Give the last day.") LocalDate endsOn,
            @NotNull(message = "Give the minutes a day.")
                    @Min(value = 1, message = "A step takes at least 1 minute a day.")
                    @Max(value = 180, message = "A step takes at most 180 minutes a day.")
                    Integer minutesADay) {}

    /** An assignment as the teacher sees it. */
    public record AssignmentView(
            long id,
            long studentId,
            long stepId,
            String title,
            String summary,
            LadderForm ladder,
            LocalDate startsOn,
            LocalDate endsOn,
            int minutesADay,
            boolean ended) {}
}
