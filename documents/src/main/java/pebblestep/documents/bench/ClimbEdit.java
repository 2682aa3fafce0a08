package pebblestep.documents.bench;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;
import pebblestep.core.climb.AxisKind;
import pebblestep.core.passage.ArticulationKind;
import pebblestep.core.tempo.SchemeKind;

/**
 * A change of a climb from which more follows than what is named. What is null is not changed.
 *
 * @param addAxis an axis more: all places to master, else what the step is now and one rung further
 * @param addRung a further rung at the end of that axis, and of those that move with it
 * @param takeRung a rung taken out of an axis, and of those that move with it
 * @param scheme another way for tempos to follow on each other
 * @param by another size of step, wherever tempos have one
 * @param pattern another pattern for a rung of a line
 * @param joined another way to join the notes of a rung
 */
public record ClimbEdit(
        @Nullable AxisKind addAxis,
        @Nullable Integer addRung,
        @Nullable RungAt takeRung,
        @Nullable SchemeKind scheme,
        @Nullable BigDecimal by,
        @Nullable PatternAt pattern,
        @Nullable JoinedAt joined) {

    /** A rung of an axis, both from 0. */
    public record RungAt(int axis, int rung) {}

    /** A rung, and the pattern of the catalogue that it gets. */
    public record PatternAt(int axis, int rung, String pattern) {}

    /** A rung, and how its notes are joined. */
    public record JoinedAt(int axis, int rung, ArticulationKind kind) {}
}
