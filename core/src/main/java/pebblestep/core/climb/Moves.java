package pebblestep.core.climb;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import pebblestep.core.Refusal;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.tempo.TempoLadder;

/**
 * How an ascent goes up and back: which rungs come after a rung, by the policy of its climb, and which came before.
 *
 * @param ascent what is climbed
 */
public record Moves(Ascent ascent) {
    /** More rungs than anybody climbs in years. */
    private static final int MOST_RUNGS = 1000;

    /** The moves that lead up from a rung: none at the end, one where the climb fixes it, else those to pick from. */
    public List<Move> up(Position at) {
        ascent.climb().require(at);
        return targets(at).stream().map(to -> move(at, to)).toList();
    }

    /** The next rung, where there is exactly one to go to; empty at the end and where the teacher picks among several. */
    public Optional<Position> next(Position at) {
        List<Position> targets = targets(at);
        return targets.size() == 1 ? Optional.of(targets.get(0)) : Optional.empty();
    }

    private Move move(Position at, Position to) {
        List<AxisKind> moved = new ArrayList<>();
        for (int i = 0; i < ascent.climb().axes().size(); i++) {
            if (to.rung(i) > at.rung(i)) moved.add(ascent.climb().axes().get(i).kind());
        }
        // A tempo that starts again higher has not moved: the other axis has.
        if (moved.size() > 1) moved.remove(AxisKind.TEMPO);
        return new Move(
                moved,
                to,
                ascent.notesPerSecond(at),
                ascent.notesPerSecond(to),
                ascent.noteCount(at),
                ascent.noteCount(to));
    }

    private List<Position> targets(Position at) {
        List<List<Integer>> levels = ascent.climb().levels();
        if (ascent.climb().policy() != Policy.TEACHER_PICKS) {
            for (int level = 0; level < levels.size(); level++) {
                if (isFree(at, levels.get(level)))
                    return List.of(moved(at, levels.get(level), levels.subList(0, level)));
            }
            return List.of();
        }
        boolean hasTempo = ascent.climb().axis(AxisKind.TEMPO).isPresent();
        if (hasTempo && isFree(at, levels.get(0))) return List.of(moved(at, levels.get(0), List.of()));
        return levels.stream()
                .skip(hasTempo ? 1 : 0)
                .filter(level -> isFree(at, level))
                .map(level -> moved(at, level, levels.subList(0, hasTempo ? 1 : 0)))
                .toList();
    }

    private boolean isFree(Position at, List<Integer> level) {
        return level.stream()
                .allMatch(
                        axis -> at.rung(axis) < ascent.climb().axes().get(axis).size() - 1);
    }

    private Position moved(Position at, List<Integer> level, List<List<Integer>> inner) {
        Position to = at;
        for (int axis : level) to = to.with(axis, at.rung(axis) + 1);
        for (List<Integer> within : inner) {
            for (int axis : within) {
                if (ascent.climb().axes().get(axis).kind() != AxisKind.TEMPO) to = to.with(axis, 0);
            }
        }
        OptionalInt tempo = ascent.climb().axis(AxisKind.TEMPO);
        boolean restarts = tempo.isPresent() && inner.stream().anyMatch(within -> within.contains(tempo.getAsInt()));
        return restarts ? to.with(tempo.getAsInt(), restart(at, to, level)) : to;
    }

    /**
     * The rung on which the tempo starts again: at the rate or the beat that was reached, less the restart's percentage,
     * rounded down to the ladder. Values that start again from their first rung because something else has moved keep
     * the beat.
     */
    private int restart(Position at, Position to, List<Integer> level) {
        int tempo = ascent.climb().axis(AxisKind.TEMPO).orElseThrow();
        TempoLadder ladder = ascent.climb().axes().get(tempo).ladder();
        double reached = ladder.rung(at.rung(tempo)).toDouble();
        OptionalInt values = ascent.climb().axis(AxisKind.VALUE);
        boolean shorter = values.isPresent() && level.contains(values.getAsInt());
        double on = shorter ? ascent.climb().rate().switched(reached, quickest(at), quickest(to)) : reached;
        double share = ascent.climb().restart() / 100.0;
        return ladder.notHarderThan(ladder.isDescending() ? on / share : on * share);
    }

    private Fraction quickest(Position position) {
        return ascent.climb().axis(AxisKind.VALUE).isEmpty()
                ? ascent.step().rhythm().quickest()
                : ascent.at(position).rhythm().quickest();
    }

    /**
     * The rung before: a slower tempo where there is one; else the rung before on the axis that moved last, at a tempo
     * whose notes come no faster. Empty on the first rung.
     */
    public Optional<Position> back(Position at) {
        ascent.climb().require(at);
        List<List<Integer>> levels = ascent.climb().levels();
        for (int level = 0; level < levels.size(); level++) {
            if (at.rung(levels.get(level).get(0)) == 0) continue;
            Position to = at;
            for (int axis : levels.get(level)) to = to.with(axis, at.rung(axis) - 1);
            return Optional.of(fromAbove(at, to, levels.subList(0, level)));
        }
        return Optional.empty();
    }

    private Position fromAbove(Position at, Position to, List<List<Integer>> inner) {
        Position there = to;
        boolean picks = ascent.climb().policy() == Policy.TEACHER_PICKS;
        for (List<Integer> within : inner) {
            for (int axis : within) {
                boolean tempo = ascent.climb().axes().get(axis).kind() == AxisKind.TEMPO;
                if (!tempo && !picks)
                    there = there.with(axis, ascent.climb().axes().get(axis).size() - 1);
            }
        }
        OptionalInt tempo = ascent.climb().axis(AxisKind.TEMPO);
        if (tempo.isEmpty() || inner.stream().noneMatch(within -> within.contains(tempo.getAsInt()))) return there;
        TempoLadder ladder = ascent.climb().axes().get(tempo.getAsInt()).ladder();
        double asFast = RateSchool.SAME_RATE.switched(
                ladder.rung(at.rung(tempo.getAsInt())).toDouble(), quickest(at), quickest(there));
        return there.with(tempo.getAsInt(), ladder.notHarderThan(asFast));
    }

    /**
     * Every rung from the first to the last, in the order in which they are climbed; where the teacher picks, always the
     * first axis that can move. Refuses climbs of more than 1000 rungs.
     */
    public List<Position> route() {
        return routeFrom(ascent.climb().first());
    }

    /** Every rung from one on to the last. */
    public List<Position> routeFrom(Position start) {
        ascent.climb().require(start);
        List<Position> route = new ArrayList<>(List.of(start));
        for (List<Position> targets = targets(start); !targets.isEmpty(); ) {
            route.add(targets.get(0));
            if (route.size() > MOST_RUNGS) {
                throw Refusal.of("axes", "This climb has more than " + MOST_RUNGS + " rungs.")
                        .fits("Fewer rungs on one of its axes.");
            }
            targets = targets(targets.get(0));
        }
        return route;
    }
}
