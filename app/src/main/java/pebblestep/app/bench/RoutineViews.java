package pebblestep.app.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.app.bench.StepViews.StepView;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.StepDocument;
import pebblestep.documents.bench.ShapePart;
import tools.jackson.databind.JsonNode;

/** What the API takes and shows of routines. */
public final class RoutineViews {
    private RoutineViews() {}

    /** A step of a routine as it is sent: with its id where it is kept already. */
    public record RoutineStep(
            @Nullable Long id,
            @NotNull(message = "Give a step.") @Schema(implementation = StepDocument.class) JsonNode document,
            @NotNull(message = "Give a climb.") @Schema(implementation = ClimbDocument.class) JsonNode climb) {}

    /**
     * A whole routine, in order.
     *
     * @param version the version it was loaded in; not needed for a new one
     */
    public record RoutineRequest(
            @NotNull(message = "Give a title, or an empty one.")
                    @Size(max = 200, message = "A title has at most 200 characters.")
                    String title,
            @Nullable Integer version,
            @NotEmpty(message = "A routine has at least one step.")
                    @Size(max = 60, message = "A routine has at most 60 steps.")
                    List<@Valid @NotNull RoutineStep> steps) {}

    /** A routine with its steps in order. */
    public record RoutineView(long id, String title, int version, boolean archived, List<StepView> steps) {}

    /**
     * A routine in a list, by its shape.
     *
     * @param steps titles of the first steps
     * @param count how many steps there are
     * @param shape its steps in order
     * @param minutes what all its first rungs take on a day, rounded up
     */
    public record RoutineRow(
            long id,
            String title,
            List<String> steps,
            int count,
            List<ShapePart> shape,
            int minutes,
            boolean archived) {}
}
