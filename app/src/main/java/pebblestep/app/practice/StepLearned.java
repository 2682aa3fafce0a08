package pebblestep.app.practice;

/** Told in the same transaction when a student has passed the last rung of a step. */
public record StepLearned(long studioId, long assignmentId) {}
