package pebblestep.app.platform;

import java.io.Serializable;

/** The signed-in teacher; every request of theirs stays within their studio. */
public record Teacher(long teacherId, long studioId) implements Serializable {}
