package pebblestep.app.platform;

import java.io.Serializable;

/**
 * The signed-in teacher; every request of theirs stays within their studio.
 *
 * @param epoch counts how often they have signed out everywhere
 */
public record Teacher(long teacherId, long studioId, int epoch) implements Serializable {}
