package pebblestep.core.climb;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import pebblestep.core.Parts;
import pebblestep.core.Refusal;

/** A rung on each axis of a climb: indices from 0, in the order of its axes. */
public record Position(List<Integer> rungs) {
    private static final int MOST_AXES = 6;

    public Position {
        rungs = List.copyOf(rungs);
    }

    /** The position of these rungs. */
    public static Position of(Integer... rungs) {
        return new Position(List.of(rungs));
    }

    /** Reads {@code 3.0.1}; refuses anything else. */
    public static Position parse(String text) {
        List<String> rungs = Parts.of(text, ".");
        if (rungs.size() > MOST_AXES || !rungs.stream().allMatch(rung -> Parts.isDigits(rung, 3))) {
            throw Refusal.of("at", "A rung is an index for each axis with dots between, such as 3.0.1.");
        }
        return new Position(rungs.stream().map(Integer::valueOf).toList());
    }

    /** The first rung of every axis. */
    static Position first(int axes) {
        return new Position(Collections.nCopies(axes, 0));
    }

    /** The rung on an axis. */
    public int rung(int axis) {
        return rungs.get(axis);
    }

    /** This position with another rung on one axis. */
    Position with(int axis, int rung) {
        List<Integer> changed = new ArrayList<>(rungs);
        changed.set(axis, rung);
        return new Position(changed);
    }

    /** The indices with dots between: {@code 3.0.1}. */
    @Override
    public String toString() {
        return String.join(".", rungs.stream().map(String::valueOf).toList());
    }
}
