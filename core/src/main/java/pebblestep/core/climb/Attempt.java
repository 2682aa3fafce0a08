package pebblestep.core.climb;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import pebblestep.core.rhythm.Bpm;

/**
 * One try of a step on a day: what was played, and whether it was clean.
 *
 * @param bpm the tempo
 * @param others the rungs of other axes that were played; an axis that is not named was where the student stood
 * @param clean whether it was clean
 * @param day the student's own day
 */
public record Attempt(Bpm bpm, List<Rung> others, boolean clean, LocalDate day) implements ClimbEvent {
    public Attempt {
        others = List.copyOf(others);
    }

    /** A try of a step that grows by its tempo alone. */
    public Attempt(Bpm bpm, boolean clean, LocalDate day) {
        this(bpm, List.of(), clean, day);
    }

    /**
     * Whether what was played is at a rung or above it: outer axes count before inner ones; where the teacher picks,
     * none may be below. An axis that a try does not speak of is where the student stands.
     */
    boolean reaches(Climb climb, Position at) {
        List<List<Integer>> outerFirst = new ArrayList<>(climb.levels());
        Collections.reverse(outerFirst);
        boolean above = false;
        for (List<Integer> level : outerFirst) {
            boolean tempo = climb.axes().get(level.get(0)).kind() == AxisKind.TEMPO;
            // Among picks every axis is looked at; the tempo, which is inside them, only decides between equals.
            if (above && (tempo || climb.policy() != Policy.TEACHER_PICKS)) return true;
            for (int axis : level) {
                int compared = compare(climb.axes().get(axis), at.rung(axis));
                if (compared < 0) return false;
                above |= compared > 0;
            }
        }
        return true;
    }

    private int compare(Axis rungs, int standing) {
        if (rungs.kind() == AxisKind.TEMPO) {
            if (bpm.equals(rungs.bpm(standing))) return 0;
            return rungs.ladder().reaches(bpm, standing) ? 1 : -1;
        }
        Optional<Rung> played =
                others.stream().filter(rung -> rung.kind() == rungs.kind()).findFirst();
        if (played.isEmpty() || played.get().equals(rungs.rung(standing))) return 0;
        int at = rungs.rungs().indexOf(played.get());
        return at < 0 ? -1 : Integer.compare(at, standing);
    }
}
