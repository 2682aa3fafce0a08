package pebblestep.app.bench;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.app.bench.StepViews.StepView;
import tools.jackson.databind.JsonNode;

/** What the API takes and shows of routines. */
public final class RoutineViews {
    private RoutineViews() {}

    /** A step of a routine as it is sent: with its id where it is kept already. */
    public record RoutineStep(
            @Nullable Long id,
            @NotNull(message = "Give a step.")
                    @io.swagger.v3.oas.annotations.media.Schema(implementation = pebblestep.exchange.StepDocument.class)
                    JsonNode document,
            @NotNull(message = "Give a ladder.") @Valid LadderForm ladder) {}

    /**
     * A whole routine, in order.
     *
     * @param version the version it was loaded in; not needed for a new one
     */
    public record RoutineForm(
            @NotNull(message = "Give a title, or an empty one.")
                    @Size(max = 200, message = "A title has at most 200 characters.")
                    String title,
            @Nullable Integer version,
            @NotEmpty(message = "A routine has at least one step.")
                    @Size(max = 60, message = "A routine has at most 60 steps.")
                    List<@Valid @NotNull RoutineStep> steps) {}

    /** A routine with its steps in order. */
    public record RoutineView(long id, String title, int version, boolean archived, List<StepView> steps) {}

    /** A routine in a list: its title, the titles of its first steps, and how many there are. */
    public record RoutineLine(long id, String title, List<String> steps, int count, boolean archived) {}
}
