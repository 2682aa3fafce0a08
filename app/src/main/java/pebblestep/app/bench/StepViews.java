package pebblestep.app.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;
import pebblestep.exchange.ClimbDocument;
import pebblestep.exchange.StepDocument;
import tools.jackson.databind.JsonNode;

/** What the API takes and shows of kept steps. */
public final class StepViews {
    private StepViews() {}

    /** A step to keep; with the version it was loaded in when it replaces one. */
    public record StepForm(
            @NotNull(message = "Give the step's document.") @Schema(implementation = StepDocument.class)
                    JsonNode document,
            @NotNull(message = "Give the climb.") @Schema(implementation = ClimbDocument.class) JsonNode climb,
            @Nullable Integer version) {}

    /** A kept step. */
    public record StepView(
            long id,
            long routineId,
            String title,
            String summary,
            StepDocument document,
            ClimbDocument climb,
            int version,
            boolean archived) {}
}
