package pebblestep.app.platform;

/** A student who uses a practice link. They see and change their own practice only. */
public record PracticeVisitor(long studentId, long studioId) {}
