package pebblestep.exchange;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A step document as it stands in JSON, field for field; what a field may hold is said in {@code step-1.schema.json}.
 * Absent fields are null here and nowhere else: {@link StepDocuments} fills in the defaults when it reads, and says
 * every field that is not marked nullable when it writes.
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record StepDocument(
        String format,
        String title,
        KeyPart key,
        LinePart line,
        RhythmPart rhythm,
        LandingPart landing,
        TempoPart tempo,
        ArticulationPart articulation,
        MetronomePart metronome) {

    /** Tonic, form, and whether the key is the sounding or the written one. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record KeyPart(String tonic, String form, String named) {}

    /** The order of notes. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record LinePart(
            String pattern,
            @Nullable Integer octaves,
            @Nullable Integer span,
            String travel,
            String turn,
            Integer from,
            @Nullable List<Integer> cell,
            @Nullable List<Integer> targets,
            @Nullable String degrees,
            @Nullable Boolean moved,
            @Nullable String chord,
            @Nullable String register) {}

    /** Meter, values and place. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record RhythmPart(
            String meter,
            List<String> figure,
            Integer strikes,
            String place,
            @Nullable String tonicValue,
            @Nullable String lastValue) {}

    /** Where the last note should fall. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record LandingPart(Integer beat, @Nullable String at) {}

    /** Beat value and beats per minute. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record TempoPart(String beat, BigDecimal bpm) {}

    /** How notes are joined. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record ArticulationPart(
            String kind,
            @Nullable Integer by,
            @Nullable Integer accentEvery,
            @Nullable String bow,
            @Nullable String bowShare) {}

    /** Count-in, accent and click. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record MetronomePart(Integer countInBars, Boolean accent, String click) {}
}
