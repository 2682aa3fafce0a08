package pebblestep.app.platform;

/** Tells which sessions of a teacher are still valid. */
public interface TeacherSessions {
    /** Whether a session was begun since the teacher signed out everywhere. */
    boolean isCurrent(Teacher teacher);
}
