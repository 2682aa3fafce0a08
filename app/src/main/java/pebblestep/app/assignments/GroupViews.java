package pebblestep.app.assignments;

import static pebblestep.app.students.StudentViews.MOST_AT_ONCE;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.forecast.Prospect;

/** What the API takes and shows of giving a routine to several students at once. */
public final class GroupViews {
    private GroupViews() {}

    /**
     * A routine to give to students, each on their own instrument.
     *
     * @param endsOn the last day; without one it goes on until it is learned
     * @param weekdays the days of the week, 1 being Monday; every day without any
     * @param minutesADay minutes of each step a day
     * @param starts rungs that students start on; the first for the others
     */
    public record GroupRequest(
            @NotNull(message = "Choose a routine.") Long routineId,
            @NotEmpty(message = "Choose a student.")
                    @Size(max = MOST_AT_ONCE, message = "At most " + MOST_AT_ONCE + " students at once.")
                    List<@NotNull Long> studentIds,
            @NotNull(message = "Give the first day.") LocalDate startsOn,
            @Nullable LocalDate endsOn,
            @Nullable @Size(max = 7, message = "A week has seven days.")
                    List<@NotNull @Min(1) @Max(7) Integer> weekdays,
            @NotNull(message = "Give the minutes a day.")
                    @Min(value = 1, message = "A step takes at least 1 minute a day.")
                    @Max(value = Prospect.MOST_MINUTES, message = "A step takes at most {value} minutes a day.")
                    Integer minutesADay,
            @Nullable @Size(max = 600, message = "At most 600 starts at once.")
                    List<@Valid @NotNull StartRequest> starts) {}

    /** The rung that a student starts a step on: an index for each axis. */
    public record StartRequest(
            @NotNull(message = "Name the student.") Long studentId,
            @NotNull(message = "Name the step.") Long stepId,
            @NotNull(message = "Give the rung.") @Size(min = 1, max = 6, message = "Give one rung for each axis.")
                    List<@NotNull Integer> at) {}

    /** A rung to start on, in words. */
    public record StartChoice(List<Integer> at, String words) {}

    /** A step of the routine with the rungs that can be started on, at most sixty. */
    public record GroupStep(long stepId, String title, List<StartChoice> starts) {}

    /** What is given: the steps, and what each student will see of them. */
    public record GroupPlan(List<GroupStep> steps, List<GroupPreview> students) {}

    /**
     * One step for one student.
     *
     * @param key as the student reads it; null where the step does not fit
     * @param weeks the rung on which they are likely to be at the end of each week, in words
     * @param refusal why it does not fit; null where it does
     */
    public record StepPreview(
            String title,
            @Nullable String key,
            @Nullable String summary,
            List<String> weeks,
            @Nullable String refusal) {}

    /** What a student will see; {@code given} steps of the routine were given, none in a preview. */
    public record GroupPreview(long studentId, String name, List<StepPreview> steps, int given) {}
}
