package pebblestep.core.climb;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import pebblestep.core.Refusal;
import pebblestep.core.passage.DisplacementTour;
import pebblestep.core.passage.Step;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.tempo.LadderScheme;
import pebblestep.core.tempo.TempoLadder;

/**
 * One way in which a step grows: rungs of one kind, in order. A student stands on one of them.
 *
 * @param kind what grows
 * @param rungs first to last; each differs from the one before
 * @param scheme how the rungs of a tempo axis follow on each other; empty for other axes
 */
public record Axis(AxisKind kind, List<Rung> rungs, Optional<LadderScheme> scheme) {
    private static final int MOST = 200;

    /** Refuses an axis without rungs or with more than 200, rungs of different kinds, and one rung twice in a row. */
    public Axis {
        rungs = List.copyOf(rungs);
        if (rungs.isEmpty()) throw Refusal.of("An axis has at least one rung.");
        if (rungs.size() > MOST) throw Refusal.of("An axis has at most " + MOST + " rungs, not " + rungs.size() + ".");
        for (int i = 0; i < rungs.size(); i++) {
            if (rungs.get(i).kind() != kind) {
                throw Refusal.of("An axis of " + kind.words() + " has no rung of "
                        + rungs.get(i).kind().words() + ".");
            }
            if (i > 0 && rungs.get(i).equals(rungs.get(i - 1))) {
                throw Refusal.of("Rung " + (i + 1) + " of the axis of " + kind.words()
                                + " is the same as the one before.")
                        .fits("Change it or take it out.");
            }
        }
        if (scheme.isPresent() != (kind == AxisKind.TEMPO)) {
            throw Refusal.of("An axis of tempo has a scheme, and no other has one.");
        }
    }

    /** The axis of a tempo ladder. */
    public static Axis tempo(Bpm from, Bpm to, LadderScheme scheme) {
        List<Rung> rungs = scheme.ladder(from, to).rungs().stream()
                .<Rung>map(Rung.OfTempo::new)
                .toList();
        return new Axis(AxisKind.TEMPO, rungs, Optional.of(scheme));
    }

    /** An axis of anything but tempo, of the kind that its rungs are. */
    public static Axis of(List<? extends Rung> rungs) {
        if (rungs.isEmpty()) throw Refusal.of("An axis has at least one rung.");
        return new Axis(rungs.get(0).kind(), List.copyOf(rungs), Optional.empty());
    }

    /** The axis of places of a step in its own values: where it starts now, then its displacement tour. */
    public static Axis places(Step step) {
        List<Rung> rungs = new ArrayList<>(List.of(Rung.of(AxisKind.PLACE, step)));
        for (Step displaced : DisplacementTour.of(step)) {
            Rung rung = Rung.of(AxisKind.PLACE, displaced);
            Figure figure = displaced.figure();
            if (figure.equals(step.figure()) && !rungs.contains(rung)) rungs.add(rung);
        }
        return of(rungs);
    }

    public int size() {
        return rungs.size();
    }

    /** The rung of that index, from 0. */
    public Rung rung(int index) {
        return rungs.get(index);
    }

    /** The tempo of a rung of a tempo axis; refuses other axes. */
    public Bpm bpm(int index) {
        if (rungs.get(index) instanceof Rung.OfTempo tempo) return tempo.bpm();
        throw Refusal.of("Only an axis of tempo has a ladder.");
    }

    /** The ladder of a tempo axis; refuses other axes. */
    public TempoLadder ladder() {
        return new TempoLadder(
                IntStream.range(0, rungs.size()).mapToObj(this::bpm).toList());
    }
}
