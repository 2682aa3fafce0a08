package pebblestep.app.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;
import pebblestep.exchange.StepDocument;
import tools.jackson.databind.JsonNode;

/** What the API takes and shows of kept steps. */
public final class StepViews {
    private StepViews() {}

    /** A step to keep; with the version it was loaded in when it replaces one. */
    public record StepForm(
            @NotNull(message = "Give the step's document.") @Schema(implementation = StepDocument.class)
                    JsonNode document,
            @NotNull(message = "Give the ladder.") @Valid LadderForm ladder,
            @Nullable Integer version) {}

    /** A kept step. */
    public record StepView(
            long id,
            long routineId,
            String title,
            String summary,
            StepDocument document,
            LadderForm ladder,
            int version,
            boolean archived) {}
}
