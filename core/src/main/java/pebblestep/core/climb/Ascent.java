package pebblestep.core.climb;

import java.util.List;
import java.util.OptionalInt;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Step;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.tempo.LadderScheme;

/**
 * A step and its climb: what the step is on each rung. {@link Moves} knows which rung comes next, {@link AscentWords} how
 * they are said.
 *
 * @param step the step as it was planned; its climb's rungs take the place of what they change
 * @param climb how it grows
 */
public record Ascent(Step step, Climb climb) {
    /** By how much a ladder of one rung would rise. */
    private static final int BY = 4;

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

    /** A step that does not climb: the one rung of its own tempo. */
    public static Ascent alone(Step step) {
        Bpm bpm = step.tempo().bpm();
        return of(step, Climb.tempo(bpm, bpm, LadderScheme.fixed(BY)));
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

    /** How its rungs are said. */
    public AscentWords words(Speech speech) {
        return new AscentWords(this, speech);
    }

    /** How it goes up and back from rung to rung. */
    public Moves moves() {
        return new Moves(this);
    }

    /** Whether every axis is on its last rung. */
    public boolean isLast(Position position) {
        return position.equals(climb.last());
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
        climb.require(position);
        OptionalInt tempo = climb.axis(AxisKind.TEMPO);
        return tempo.isPresent()
                ? climb.axes().get(tempo.getAsInt()).bpm(position.rung(tempo.getAsInt()))
                : step.tempo().bpm();
    }
}
