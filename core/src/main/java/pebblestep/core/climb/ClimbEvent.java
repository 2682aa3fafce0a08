package pebblestep.core.climb;

import java.time.LocalDate;

/** Something that moves a student on a climb: a try, or what the teacher decides. */
public sealed interface ClimbEvent permits Attempt, ClimbEvent.Changed, ClimbEvent.Placed, ClimbEvent.Held {
    /** The day on which it happened. */
    LocalDate day();

    /** The teacher changed the climb: the student keeps the nearest rung that is not harder. */
    record Changed(Ascent ascent, LocalDate day) implements ClimbEvent {}

    /** The teacher said where the student starts or goes on: the rung that was picked, or any other. */
    record Placed(Position at, LocalDate day) implements ClimbEvent {}

    /**
     * The teacher holds the student on the rung, however clean it is, or lets them go on. Another rung or another climb lets
     * them go on as well.
     */
    record Held(boolean holds, LocalDate day) implements ClimbEvent {}
}
