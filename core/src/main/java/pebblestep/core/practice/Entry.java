package pebblestep.core.practice;

import pebblestep.core.climb.ClimbEvent;

/** A line of the log of one piece of work: a take, or what the teacher decided. */
public sealed interface Entry permits Take, Decision {
    /** The entry as the climb sees it. */
    ClimbEvent event();
}
