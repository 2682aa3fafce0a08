package pebblestep.core.climb;

import java.util.List;
import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.passage.DisplacementTour;
import pebblestep.core.passage.Step;

/**
 * The axis of places: the same line started on one place after another, in teaching order. Each place is a rung; a student
 * stands on one of them.
 *
 * @param rungs the step on each place, first to last
 */
public record PlaceAxis(List<Step> rungs) {
    /** Refuses an axis without rungs. */
    public PlaceAxis {
        rungs = List.copyOf(rungs);
        if (rungs.isEmpty()) throw Refusal.of("An axis has at least one rung.");
    }

    /** The axis of a step: the step itself, then its displacement tour. */
    public static PlaceAxis of(Step step) {
        List<Step> rungs = new java.util.ArrayList<>(List.of(step));
        rungs.addAll(DisplacementTour.of(step));
        return new PlaceAxis(rungs);
    }

    public int size() {
        return rungs.size();
    }

    /** The step of a rung, from 0; refuses rungs that there are not. */
    public Step rung(int index) {
        if (index < 0 || index >= size()) {
            throw Refusal.of("This axis has rungs 0 to " + (size() - 1) + ", not " + index + ".");
        }
        return rungs.get(index);
    }

    /** The rung after this one; empty at the end, where the axis is done. */
    public Optional<Integer> next(int index) {
        return index + 1 < size() ? Optional.of(index + 1) : Optional.empty();
    }
}
