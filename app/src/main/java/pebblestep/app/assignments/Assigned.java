package pebblestep.app.assignments;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.ClimbEvent;
import pebblestep.core.forecast.Goal;
import pebblestep.core.passage.Step;
import pebblestep.core.practice.Schedule;
import pebblestep.core.rhythm.Bpm;

/**
 * An assignment as the rules need it: the step and its climb as they were given, and what was decided since.
 *
 * @param decisions oldest first
 */
public record Assigned(
        long id,
        long studioId,
        long studentId,
        String title,
        Ascent given,
        List<Decided> decisions,
        Optional<Goal> goal,
        Schedule schedule,
        int minutesADay) {
    public Assigned {
        decisions = List.copyOf(decisions);
    }

    /** The step as it was given. */
    public Step step() {
        return given.step();
    }

    /**
     * What a teacher decided, and when: a student's start comes before every take.
     *
     * @param by the teacher; null where nobody knows
     */
    public record Decided(ClimbEvent event, Instant at, @Nullable Long by) {}

    /** The teacher who decided last, as far as it is known. */
    public Optional<Long> decidedBy() {
        return decisions.isEmpty()
                ? Optional.empty()
                : Optional.ofNullable(decisions.getLast().by());
    }

    /** The climb as it is now. */
    public Ascent now() {
        Ascent now = given;
        for (Decided decided : decisions) {
            if (decided.event() instanceof ClimbEvent.Changed changed) now = changed.ascent();
        }
        return now;
    }

    /** A goal in the values of the last rung. */
    public Goal goal(Bpm bpm, LocalDate date) {
        Step top = now().at(now().climb().last());
        return new Goal(top.tempo().at(bpm), top.rhythm().quickest(), date);
    }

    Assigned aiming(Bpm bpm, LocalDate date) {
        return new Assigned(
                id, studioId, studentId, title, given, decisions, Optional.of(goal(bpm, date)), schedule, minutesADay);
    }
}
