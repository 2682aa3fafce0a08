package pebblestep.core.notation;

/**
 * A tuplet over the glyphs of a bar from one index to another, both included: {@code actual} notes in the time of
 * {@code normal}.
 */
public record Tuplet(int from, int to, int actual, int normal) {}
