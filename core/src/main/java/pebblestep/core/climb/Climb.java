package pebblestep.core.climb;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import pebblestep.core.Refusal;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.tempo.LadderScheme;

/**
 * How a step grows: its axes, which of them moves when, and the rules of passing. The first axis is the innermost: it is
 * climbed first, and again from a lower rung after another has moved.
 *
 * @param axes innermost first, each kind at most once
 * @param policy which axis is next when one is done
 * @param rate what stays when the values get shorter
 * @param restart percent of the tempo reached at which the tempo starts again when another axis moves, 20 to 100
 * @param rules when a rung is passed
 * @param repetitions how often a rung is played on a day
 */
public record Climb(List<Axis> axes, Policy policy, RateSchool rate, int restart, Rules rules, int repetitions) {
    /** Where the tempo starts again: four fifths of what was reached (common practice, no source). */
    public static final int USUAL_RESTART = 80;

    /** How often a rung is played on a day without another wish. */
    public static final int USUAL_REPETITIONS = 5;

    private static final int MOST_REPETITIONS = 50;

    /** Refuses climbs without axes, an axis of one kind twice, paired axes of unequal length, and numbers out of range. */
    public Climb {
        axes = List.copyOf(axes);
        if (axes.isEmpty())
            throw Refusal.of("axes", "A climb has at least one axis.").fits("A tempo ladder.");
        Set<AxisKind> kinds = EnumSet.noneOf(AxisKind.class);
        for (Axis axis : axes) {
            if (!kinds.add(axis.kind())) {
                throw Refusal.of(
                        "axes", "A climb has the axis of " + axis.kind().words() + " once.");
            }
        }
        if (policy == Policy.PAIRED) requirePairs(axes);
        if (restart < 20 || restart > 100) {
            throw Refusal.of("restart", "The tempo starts again at 20 to 100 percent, not " + restart + ".");
        }
        if (repetitions < 1 || repetitions > MOST_REPETITIONS) {
            throw Refusal.of(
                    "repetitions", "A rung is played 1 to " + MOST_REPETITIONS + " times, not " + repetitions + ".");
        }
    }

    private static void requirePairs(List<Axis> axes) {
        List<Axis> pairs =
                axes.stream().filter(axis -> axis.kind() != AxisKind.TEMPO).toList();
        if (pairs.stream().mapToInt(Axis::size).distinct().count() <= 1) return;
        List<String> said = pairs.stream()
                .map(axis -> axis.size() + " of " + axis.kind().words())
                .toList();
        throw Refusal.of(
                        "axes",
                        "Axes that move together have as many rungs as each other, not " + String.join(", ", said)
                                + ".")
                .fits("Add or take out rungs, or let the axes move in turn.");
    }

    /** The climb of a tempo ladder alone. */
    public static Climb tempo(Bpm from, Bpm to, LadderScheme scheme) {
        return of(List.of(Axis.tempo(from, to, scheme)), Policy.IN_TURN);
    }

    /** A climb with the usual rules. */
    public static Climb of(List<Axis> axes, Policy policy) {
        return new Climb(axes, policy, RateSchool.SAME_RATE, USUAL_RESTART, Rules.USUAL, USUAL_REPETITIONS);
    }

    /** The same with the tempo starting again otherwise. */
    public Climb restarting(RateSchool school, int percent) {
        return new Climb(axes, policy, school, percent, rules, repetitions);
    }

    /** The same under other rules. */
    public Climb under(Rules others) {
        return new Climb(axes, policy, rate, restart, others, repetitions);
    }

    /** Place among the axes of the one of that kind. */
    public OptionalInt axis(AxisKind kind) {
        for (int i = 0; i < axes.size(); i++) if (axes.get(i).kind() == kind) return OptionalInt.of(i);
        return OptionalInt.empty();
    }

    /** The first rung of every axis. */
    public Position first() {
        return Position.first(axes.size());
    }

    /** The last rung of every axis. */
    public Position last() {
        return new Position(axes.stream().map(axis -> axis.size() - 1).toList());
    }

    /** Refuses a position that this climb does not have. */
    public void require(Position position) {
        boolean has = position.rungs().size() == axes.size()
                && IntStream.range(0, axes.size())
                        .allMatch(i -> position.rung(i) >= 0
                                && position.rung(i) < axes.get(i).size());
        boolean together = policy != Policy.PAIRED
                || !has
                || levels().stream()
                        .allMatch(level ->
                                level.stream().map(position::rung).distinct().count() == 1);
        if (!together) throw Refusal.of("at", "The axes of this climb move together; " + position + " lies between.");
        if (!has)
            throw Refusal.of("at", "This climb has no rung " + position + ".")
                    .fits("From " + first() + " to " + last() + ".");
    }

    /** A position with another rung on one axis, and on those that move together with it. */
    public Position with(Position at, int axis, int rung) {
        Position to = at;
        for (List<Integer> level : levels()) {
            if (!level.contains(axis)) continue;
            for (int together : level) to = to.with(together, rung);
        }
        require(to);
        return to;
    }

    /** The rung on each axis at a position, in the order of the axes. */
    public List<Rung> rungs(Position position) {
        return IntStream.range(0, axes.size())
                .mapToObj(i -> axes.get(i).rung(position.rung(i)))
                .toList();
    }

    /**
     * Axes that move as one, innermost first: places among {@link #axes()}. Where the teacher picks, the tempo is the
     * inner one wherever it stands.
     */
    public List<List<Integer>> levels() {
        List<List<Integer>> levels = new ArrayList<>();
        List<Integer> paired = new ArrayList<>();
        for (int i = 0; i < axes.size(); i++) {
            boolean tempo = axes.get(i).kind() == AxisKind.TEMPO;
            if (policy == Policy.PAIRED && !tempo) {
                if (paired.isEmpty()) levels.add(paired);
                paired.add(i);
            } else if (policy == Policy.TEACHER_PICKS && tempo) {
                levels.add(0, List.of(i));
            } else {
                levels.add(List.of(i));
            }
        }
        return levels;
    }
}
