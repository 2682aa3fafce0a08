package pebblestep.app.keyplans;

import static pebblestep.app.students.StudentViews.MOST_AT_ONCE;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Identified;
import pebblestep.core.forecast.Prospect;
import pebblestep.core.keyplan.FormSet;
import pebblestep.core.keyplan.KeyPlan.Pace;
import pebblestep.core.passage.Step.Named;
import pebblestep.core.scale.KeyOrder;
import pebblestep.documents.StepDocument;

/** What the API takes and shows of key plans. */
public final class KeyPlanViews {
    private KeyPlanViews() {}

    /**
     * A routine to go through the keys with, for one student or several.
     *
     * @param order the order of keys; a list of one's own without one
     * @param start the key it begins in; not for a list of one's own
     * @param keys the list of one's own, such as C F Bb
     * @param named whether the keys are concert or written ones
     * @param forms what each key brings
     * @param minutesADay minutes of each step a day
     */
    public record KeyPlanRequest(
            @NotNull(message = "Choose a routine.") Long routineId,
            @NotEmpty(message = "Choose a student.")
                    @Size(max = MOST_AT_ONCE, message = "At most " + MOST_AT_ONCE + " students at once.")
                    List<@NotNull Long> studentIds,
            @Nullable KeyOrder order,
            @Nullable @Size(max = 3, message = "Write a key such as Bb.") String start,
            @Nullable @Size(max = 200, message = "Write keys with spaces between, such as C F Bb.") String keys,
            boolean thereAndBack,
            @NotNull(message = "Say whether the keys are concert or written ones.") Named named,
            @NotNull(message = "Choose what each key brings.") FormSet forms,
            @NotNull(message = "Choose a pace.") Pace pace,
            @NotNull(message = "Give the first day.") LocalDate startsOn,
            @Nullable @Size(max = 7, message = "A week has seven days.")
                    List<@NotNull @Min(1) @Max(7) Integer> weekdays,
            @NotNull(message = "Give the minutes a day.")
                    @Min(value = 1, message = "A step takes at least 1 minute a day.")
                    @Max(value = Prospect.MOST_MINUTES, message = "A step takes at most {value} minutes a day.")
                    Integer minutesADay) {}

    /**
     * A key of a plan on the student's page.
     *
     */
    public record PlanStation(String tonic, @Nullable LocalDate from, Passed state) {}

    /** Where a key of a plan lies. */
    public enum Passed implements Identified {
        PAST,
        NOW,
        NEXT
    }

    /**
     * A key plan and where it stands.
     *
     * @param words its order, pace and what each key brings
     * @param sentence where it stands
     * @param tonic the key of now, as the student reads it
     * @param round the keys of this round
     * @param undo the last decision, where it can be taken back
     * @param ahead what the next key asks of the hand that this one does not, in a sentence; absent where nothing is new
     * @param decidedBy the teacher who made it; absent where there is one alone, or nobody knows
     */
    public record KeyPlanView(
            long id,
            long studentId,
            String title,
            String words,
            String sentence,
            String tonic,
            boolean held,
            boolean ended,
            List<PlanStation> round,
            @Nullable String ahead,
            @Nullable Deciding undo,
            @Nullable String decidedBy) {}

    /** A plan as a booklet: everything that it brings, key by key. */
    public record BookletView(
            long studentId, String student, String instrument, String title, String order, List<BookletKey> keys) {}

    /** One key of a booklet; the tonic as the student reads it. */
    public record BookletKey(String tonic, List<BookletPiece> pieces) {}

    /** One step of a booklet: the step, or why it does not fit. */
    public record BookletPiece(String title, @Nullable StepDocument step, String refusal) {}

    /** What can be decided about a plan. */
    public enum Deciding implements Identified {
        SKIP,
        REPEAT,
        HOLD,
        GO_ON
    }

    /** What the teacher decides about a plan. */
    public record PlanDecision(@NotNull(message = "Say what to do.") Deciding kind) {}
}
