package pebblestep.core.practice;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
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

    /** The same with what slipped in these keys of a walk alone, and where no key was named. */
    public Take inStations(Set<Integer> stations) {
        List<Slipped.Note> here = slipped.notes().stream()
                .filter(note -> note.station().map(stations::contains).orElse(true))
                .toList();
        boolean elsewhere = here.isEmpty() && !slipped.notes().isEmpty();
        return new Take(bpm, others, outcome, day, elsewhere ? Slipped.NOTHING : new Slipped(slipped.kinds(), here));
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
