package pebblestep.core.climb;

import java.time.LocalDate;
import java.util.List;
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
}
