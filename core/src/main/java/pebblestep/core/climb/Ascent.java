package pebblestep.core.climb;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Step;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.tempo.TempoLadder;

/**
 * A step and its climb: what the step is on each rung, and which moves lead up and back.
 *
 * @param step the step as it was planned; its climb's rungs take the place of what they change
 * @param climb how it grows
 */
public record Ascent(Step step, Climb climb) {
    /** More rungs than anybody climbs in years. */
    private static final int MOST_RUNGS = 1000;

    /** Refuses rungs that the step cannot stand on, by their axis and place. */
    public Ascent {
        for (int axis = 0; axis < climb.axes().size(); axis++) {
            List<Rung> rungs = climb.axes().get(axis).rungs();
            for (int i = 0; i < rungs.size(); i++) {
                try {
                    rungs.get(i).on(step);
                } catch (Refusal e) {
                    throw Refusal.of(List.of("axes", "" + axis, "rungs", "" + i), e.getMessage());
                }
            }
        }
    }

    /** The ascent of a step on its climb. */
    public static Ascent of(Step step, Climb climb) {
        return new Ascent(step, climb);
    }

    /** The step on a rung; refuses rungs that there are not, and what does not go together there. */
    public Step at(Position position) {
        climb.require(position);
        Step there = step;
        for (AxisKind kind : AxisKind.asChanged()) {
            OptionalInt axis = climb.axis(kind);
            if (axis.isEmpty()) continue;
            int i = axis.getAsInt();
            there = climb.axes().get(i).rung(position.rung(i)).on(there);
        }
        return there;
    }

    /** Notes a second on a rung, in the shortest value of its figures. */
    public double notesPerSecond(Position position) {
        Step there = at(position);
        return there.tempo().notesPerSecond(there.rhythm().quickest());
    }

    /** Attacks of the line on a rung. */
    public int noteCount(Position position) {
        return at(position).noteCount();
    }

    /** The rungs of a position in words: {@code eighths, two octaves, 72 bpm}. */
    public String inWords(Position position, Speech speech) {
        String stage = stageInWords(position, speech);
        if (climb.axis(AxisKind.TEMPO).isEmpty()) return stage;
        String tempo = bpm(position) + " bpm";
        return stage.isEmpty() ? tempo : stage + ", " + tempo;
    }

    /** The same without the tempo; empty where nothing else is climbed. */
    public String stageInWords(Position position, Speech speech) {
        List<String> words = new ArrayList<>();
        for (AxisKind kind : AxisKind.asSaid()) {
            if (kind == AxisKind.TEMPO) continue;
            climb.axis(kind)
                    .ifPresent(i ->
                            words.add(climb.axes().get(i).rung(position.rung(i)).inWords(step.meter(), speech)));
        }
        return String.join(", ", words);
    }

    /** Whether every axis is on its last rung. */
    public boolean isLast(Position position) {
        return position.equals(climb.last());
    }

    /** The moves that lead up from a rung: none at the end, one where the climb fixes it, else those to pick from. */
    public List<Move> moves(Position at) {
        climb.require(at);
        return targets(at).stream().map(to -> move(at, to)).toList();
    }

    /** The next rung, where there is exactly one to go to; empty at the end and where the teacher picks among several. */
    public Optional<Position> next(Position at) {
        List<Position> targets = targets(at);
        return targets.size() == 1 ? Optional.of(targets.get(0)) : Optional.empty();
    }

    private Move move(Position at, Position to) {
        List<AxisKind> moved = new ArrayList<>();
        for (int i = 0; i < climb.axes().size(); i++) {
            if (to.rung(i) > at.rung(i)) moved.add(climb.axes().get(i).kind());
        }
        // A tempo that starts again higher has not moved: the other axis has.
        if (moved.size() > 1) moved.remove(AxisKind.TEMPO);
        return new Move(moved, to, notesPerSecond(at), notesPerSecond(to), noteCount(at), noteCount(to));
    }

    private List<Position> targets(Position at) {
        List<List<Integer>> levels = climb.levels();
        if (climb.policy() != Policy.TEACHER_PICKS) {
            for (int level = 0; level < levels.size(); level++) {
                if (isFree(at, levels.get(level)))
                    return List.of(moved(at, levels.get(level), levels.subList(0, level)));
            }
            return List.of();
        }
        boolean hasTempo = climb.axis(AxisKind.TEMPO).isPresent();
        if (hasTempo && isFree(at, levels.get(0))) return List.of(moved(at, levels.get(0), List.of()));
        return levels.stream()
                .skip(hasTempo ? 1 : 0)
                .filter(level -> isFree(at, level))
                .map(level -> moved(at, level, levels.subList(0, hasTempo ? 1 : 0)))
                .toList();
    }

    private boolean isFree(Position at, List<Integer> level) {
        return level.stream()
                .allMatch(axis -> at.rung(axis) < climb.axes().get(axis).size() - 1);
    }

    private Position moved(Position at, List<Integer> level, List<List<Integer>> inner) {
        Position to = at;
        for (int axis : level) to = to.with(axis, at.rung(axis) + 1);
        for (List<Integer> within : inner) {
            for (int axis : within) {
                if (climb.axes().get(axis).kind() != AxisKind.TEMPO) to = to.with(axis, 0);
            }
        }
        OptionalInt tempo = climb.axis(AxisKind.TEMPO);
        boolean restarts = tempo.isPresent() && inner.stream().anyMatch(within -> within.contains(tempo.getAsInt()));
        return restarts ? to.with(tempo.getAsInt(), restart(at, to, level)) : to;
    }

    /**
     * The rung on which the tempo starts again: at the rate or the beat that was reached, less the restart's percentage,
     * rounded down to the ladder. Values that start again from their first rung because something else has moved keep
     * the beat.
     */
    private int restart(Position at, Position to, List<Integer> level) {
        int tempo = climb.axis(AxisKind.TEMPO).orElseThrow();
        TempoLadder ladder = climb.axes().get(tempo).ladder();
        double reached = ladder.rung(at.rung(tempo)).toDouble();
        OptionalInt values = climb.axis(AxisKind.VALUE);
        boolean shorter = values.isPresent() && level.contains(values.getAsInt());
        double on = shorter ? climb.rate().switched(reached, quickest(at), quickest(to)) : reached;
        double share = climb.restart() / 100.0;
        return ladder.notHarderThan(ladder.isDescending() ? on / share : on * share);
    }

    private Fraction quickest(Position position) {
        return climb.axis(AxisKind.VALUE).isEmpty()
                ? step.rhythm().quickest()
                : at(position).rhythm().quickest();
    }

    /**
     * The rung before: a slower tempo where there is one; else the rung before on the axis that moved last, at a tempo
     * whose notes come no faster. Empty on the first rung.
     */
    public Optional<Position> back(Position at) {
        climb.require(at);
        List<List<Integer>> levels = climb.levels();
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
        boolean picks = climb.policy() == Policy.TEACHER_PICKS;
        for (List<Integer> within : inner) {
            for (int axis : within) {
                boolean tempo = climb.axes().get(axis).kind() == AxisKind.TEMPO;
                if (!tempo && !picks)
                    there = there.with(axis, climb.axes().get(axis).size() - 1);
            }
        }
        OptionalInt tempo = climb.axis(AxisKind.TEMPO);
        if (tempo.isEmpty() || inner.stream().noneMatch(within -> within.contains(tempo.getAsInt()))) return there;
        TempoLadder ladder = climb.axes().get(tempo.getAsInt()).ladder();
        double asFast = RateSchool.SAME_RATE.switched(
                ladder.rung(at.rung(tempo.getAsInt())).toDouble(), quickest(at), quickest(there));
        return there.with(tempo.getAsInt(), ladder.notHarderThan(asFast));
    }

    /**
     * Every rung from the first to the last, in the order in which they are climbed; where the teacher picks, always the
     * first axis that can move. Refuses climbs of more than 1000 rungs.
     */
    public List<Position> walk() {
        return walkFrom(climb.first());
    }

    /** Every rung from one on to the last. */
    public List<Position> walkFrom(Position start) {
        climb.require(start);
        List<Position> walk = new ArrayList<>(List.of(start));
        for (List<Position> targets = targets(start); !targets.isEmpty(); ) {
            walk.add(targets.get(0));
            if (walk.size() > MOST_RUNGS) {
                throw Refusal.of("axes", "This climb has more than " + MOST_RUNGS + " rungs.")
                        .fits("Fewer rungs on one of its axes.");
            }
            targets = targets(targets.get(0));
        }
        return walk;
    }

    /**
     * Whether what was played is at a rung or above it: outer axes count before inner ones; where the teacher picks,
     * none may be below. An axis that a try does not speak of is where the student stands.
     */
    boolean reaches(Attempt attempt, Position at) {
        List<List<Integer>> outerFirst = new ArrayList<>(climb.levels());
        Collections.reverse(outerFirst);
        boolean above = false;
        for (List<Integer> level : outerFirst) {
            boolean tempo = climb.axes().get(level.get(0)).kind() == AxisKind.TEMPO;
            // Among picks every axis is looked at; the tempo, which is inside them, only decides between equals.
            if (above && (tempo || climb.policy() != Policy.TEACHER_PICKS)) return true;
            for (int axis : level) {
                int compared = compare(attempt, axis, at.rung(axis));
                if (compared < 0) return false;
                above |= compared > 0;
            }
        }
        return true;
    }

    private int compare(Attempt attempt, int axis, int standing) {
        Axis rungs = climb.axes().get(axis);
        if (rungs.kind() == AxisKind.TEMPO) {
            TempoLadder ladder = rungs.ladder();
            if (attempt.bpm().equals(ladder.rung(standing))) return 0;
            return ladder.reaches(attempt.bpm(), standing) ? 1 : -1;
        }
        Optional<Rung> played = attempt.others().stream()
                .filter(rung -> rung.kind() == rungs.kind())
                .findFirst();
        if (played.isEmpty() || played.get().equals(rungs.rung(standing))) return 0;
        int at = rungs.rungs().indexOf(played.get());
        return at < 0 ? -1 : Integer.compare(at, standing);
    }

    /**
     * The rung of this climb nearest to one of another climb of the same step, among those that are not harder: what a
     * student keeps when the climb is changed. An axis that was not there before stands where the step itself did.
     */
    public Position nearest(Ascent before, Position at) {
        List<Integer> rungs = climb.axes().stream()
                .map(axis -> NearestRung.on(axis, before, at))
                .toList();
        Position nearest = new Position(rungs);
        if (climb.policy() != Policy.PAIRED) return nearest;
        for (List<Integer> level : climb.levels()) {
            int least = level.stream().mapToInt(nearest::rung).min().orElse(0);
            for (int axis : level) nearest = nearest.with(axis, least);
        }
        return nearest;
    }

    /** The tempo of a position: its rung's, or the step's own where the climb has no tempo. */
    public Bpm bpm(Position position) {
        return at(position).tempo().bpm();
    }
}
