package pebblestep.app.assignments;

/** Somebody is about to decide about an assignment: whoever keeps how far it has come holds it from now on. */
public record Deciding(long assignmentId) {}
