package pebblestep.app.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.StepDocument;
import pebblestep.documents.bench.Practice;
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
            @Nullable Practice practice) {}
}
