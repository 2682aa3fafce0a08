package pebblestep.core.practice;

import java.time.LocalDate;
import java.util.List;
import pebblestep.core.climb.Attempt;
import pebblestep.core.climb.Rung;
import pebblestep.core.rhythm.Bpm;

/**
 * One try of a step by a student.
 *
 * @param bpm its tempo
 * @param others the rungs of other axes that were played, where the step grows by more than its tempo
 * @param outcome how it went
 * @param day the student's own day
 * @param slipped what slipped, as far as it was said
 */
public record Take(Bpm bpm, List<Rung> others, Outcome outcome, LocalDate day, Slipped slipped) implements Entry {
    public Take {
        others = List.copyOf(others);
    }

    /** A take of which no more is known than how it went. */
    public Take(Bpm bpm, List<Rung> others, Outcome outcome, LocalDate day) {
        this(bpm, others, outcome, day, Slipped.NOTHING);
    }

    /** A take of a step that grows by its tempo alone. */
    public Take(Bpm bpm, Outcome outcome, LocalDate day) {
        this(bpm, List.of(), outcome, day);
    }

    /** Whether it was clean. */
    public boolean isClean() {
        return outcome == Outcome.CLEAN;
    }

    @Override
    public Attempt event() {
        return new Attempt(bpm, others, isClean(), day);
    }
}
