package pebblestep.core.practice;

import pebblestep.core.climb.ClimbEvent;

/** What the teacher decided about a student's climb. */
public record Decision(ClimbEvent event) implements Entry {}
