package pebblestep.core.practice;

import java.time.LocalDate;
import pebblestep.core.climb.Attempt;
import pebblestep.core.rhythm.Bpm;

/** One try of a step by a student: its tempo, how it went, and the student's own day. */
public record Take(Bpm bpm, Outcome outcome, LocalDate day) {
    /** The take as the climb sees it. */
    public Attempt attempt() {
        return new Attempt(bpm, outcome == Outcome.CLEAN, day);
    }
}
