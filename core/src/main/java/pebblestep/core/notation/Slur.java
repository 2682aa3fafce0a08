package pebblestep.core.notation;

/** A slur from one note of the passage to another, by their indexes, both included. */
public record Slur(int fromNote, int toNote) {}
