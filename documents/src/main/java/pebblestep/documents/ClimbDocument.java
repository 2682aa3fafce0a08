package pebblestep.documents;

import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.climb.AxisKind;
import pebblestep.core.climb.Policy;
import pebblestep.core.climb.RateSchool;
import pebblestep.core.tempo.SchemeKind;

/**
 * A climb as it stands in JSON, field for field; what a field may hold is said in {@code climb-1.schema.json}. Absent
 * fields are null here and nowhere else: {@link ClimbDocuments} fills in the defaults when it reads, and says every field
 * that is not marked nullable when it writes.
 */
public record ClimbDocument(
        Policy policy, RateSchool rate, Integer restart, List<AxisPart> axes, RulesPart rules, Integer repetitions) {

    /** The same with other axes. */
    public ClimbDocument withAxes(List<AxisPart> other) {
        return new ClimbDocument(policy, rate, restart, other, rules, repetitions);
    }

    /** An axis: a tempo axis has from, to and scheme, every other its rungs. */
    public record AxisPart(
            AxisKind axis,
            @Nullable BigDecimal from,
            @Nullable BigDecimal to,
            @Nullable SchemePart scheme,
            @Nullable List<RungPart> rungs) {
        /** The same with other rungs. */
        public AxisPart withRungs(List<RungPart> other) {
            return new AxisPart(axis, from, to, scheme, other);
        }
    }

    /** How tempos follow on each other. */
    public record SchemePart(SchemeKind type, @Nullable BigDecimal by, @Nullable Integer forward) {}

    /** A rung: what a step is there, in the fields of a step document. */
    public record RungPart(
            @Nullable List<String> figure,
            @Nullable Integer octaves,
            @Nullable Integer span,
            @Nullable String place,
            @Nullable String back,
            StepDocument.@Nullable ArticulationPart articulation,
            StepDocument.@Nullable LinePart line) {}

    /** When a rung is passed. */
    public record RulesPart(Integer clean, Integer misses, Integer rungsADay) {}
}
