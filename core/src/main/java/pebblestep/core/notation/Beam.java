package pebblestep.core.notation;

/** A beam over the glyphs of a bar from one index to another, both included. */
public record Beam(int from, int to) {}
