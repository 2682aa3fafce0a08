package pebblestep.app.quiz;

/** Where a question was answered. */
public enum Asked {
    /** With the teacher. */
    IN_LESSON,
    /** Alone, in the practice room. */
    IN_ROOM
}
