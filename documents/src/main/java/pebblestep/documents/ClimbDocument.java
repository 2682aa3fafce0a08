package pebblestep.documents;

import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.climb.AxisKind;
import pebblestep.core.climb.Policy;
import pebblestep.core.climb.RateSchool;
import pebblestep.core.tempo.SchemeKind;
import pebblestep.core.voice.WhichHands;

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
            StepDocument.@Nullable LinePart line,
            @Nullable WhichHands hands,
            @Nullable Integer keys,
            @Nullable Boolean wholeWalk,
            StepDocument.@Nullable HandPart hand) {
        /** A rung with nothing in it, to be given what it has. */
        public static final RungPart NONE =
                new RungPart(null, null, null, null, null, null, null, null, null, null, null);

        /** The same with a figure. */
        public RungPart withFigure(List<String> other) {
            return new RungPart(other, octaves, span, place, back, articulation, line, hands, keys, wholeWalk, hand);
        }

        /** The same over octaves or a span. */
        public RungPart withExtent(@Nullable Integer someOctaves, @Nullable Integer notes) {
            return new RungPart(
                    figure, someOctaves, notes, place, back, articulation, line, hands, keys, wholeWalk, hand);
        }

        /** The same on a place, and on another from the turn. */
        public RungPart withPlace(String there, @Nullable String fromTheTurn) {
            return new RungPart(
                    figure, octaves, span, there, fromTheTurn, articulation, line, hands, keys, wholeWalk, hand);
        }

        /** The same joined another way. */
        public RungPart withArticulation(StepDocument.ArticulationPart other) {
            return new RungPart(figure, octaves, span, place, back, other, line, hands, keys, wholeWalk, hand);
        }

        /** The same with another line. */
        public RungPart withLine(StepDocument.LinePart other) {
            return new RungPart(figure, octaves, span, place, back, articulation, other, hands, keys, wholeWalk, hand);
        }

        /** The same for other hands. */
        public RungPart withHands(WhichHands other) {
            return new RungPart(figure, octaves, span, place, back, articulation, line, other, keys, wholeWalk, hand);
        }

        /** The same through so many keys, or the whole walk without a number. */
        public RungPart withKeys(@Nullable Integer count) {
            Boolean whole = count == null ? true : null;
            return new RungPart(figure, octaves, span, place, back, articulation, line, hands, count, whole, hand);
        }

        /** The same with the hand going another way: a school, a position; fixed fingerings belong to the step. */
        public RungPart withHand(StepDocument.HandPart other) {
            return new RungPart(figure, octaves, span, place, back, articulation, line, hands, keys, wholeWalk, other);
        }
    }

    /** When a rung is passed. */
    public record RulesPart(Integer clean, Integer misses, Integer rungsADay) {}
}
