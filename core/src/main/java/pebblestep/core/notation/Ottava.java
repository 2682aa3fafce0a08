package pebblestep.core.notation;

/**
 * A stretch of notes written an octave away from where they sound.
 *
 * @param fromNote first note of the passage under the bracket
 * @param toNote last one
 * @param octaves octaves by which they sound higher than drawn: 1 (8va) or 2 (15ma); negative where lower
 */
public record Ottava(int fromNote, int toNote, int octaves) {}
