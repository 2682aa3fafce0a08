package pebblestep.app.platform;

/** A student who came by the practice link; every request of theirs stays with their own practice. */
public record PracticeVisitor(long studentId, long studioId) {}
