package pebblestep.app.assignments;

/** Told in the same transaction when a step was given, or something was decided about it. */
public record AssignmentChanged(long studioId, long assignmentId) {}
