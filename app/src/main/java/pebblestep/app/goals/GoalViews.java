package pebblestep.app.goals;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.practice.RequiredKind;

/** What the API takes and shows of required scales. */
public final class GoalViews {
    private GoalViews() {}

    /**
     * A scale to be able to play by a day.
     *
     * @param tonic as the student reads it
     * @param value the note value, such as 1/8
     * @param bpm quarters a minute
     */
    public record RequiredRequest(
            @NotBlank(message = "Give the key.") @Size(max = 4, message = "Write a key such as Bb.") String tonic,
            @NotBlank(message = "Choose a form.") @Size(max = 40, message = "Choose a form from the list.") String form,
            @NotNull(message = "Give the octaves.")
                    @Min(value = 1, message = "A scale goes through one octave at least.")
                    @Max(value = 4, message = "A scale goes through four octaves at most.")
                    Integer octaves,
            @NotBlank(message = "Choose a note value.") @Size(max = 10, message = "Write a value such as 1/8.")
                    String value,
            @NotNull(message = "Give the tempo.") BigDecimal bpm,
            @NotNull(message = "Give the day.") LocalDate date) {}

    /** A list of required scales as CSV. */
    public record RequiredText(
            @NotBlank(message = "Paste the list, or choose a file.")
                    @Size(max = 100_000, message = "A list has at most 100000 characters.")
                    String text) {}

    /**
     * A required scale and how it stands.
     */
    public record RequiredView(
            long id,
            String words,
            String tonic,
            String form,
            int octaves,
            String value,
            BigDecimal bpm,
            LocalDate date,
            RequiredKind kind,
            String sentence) {}

    /** A line of a list that was not taken, and why. */
    public record LineRefused(int line, @Nullable String name, String refusal) {}

    /** What came of a list. */
    public record RequiredRead(int taken, List<LineRefused> refused, List<RequiredView> scales) {}
}
