package pebblestep.core.line;

import pebblestep.core.scale.Direction;

/**
 * One note of a line before it has a pitch: its scale index counted from the tonic at the bottom of the range's octave
 * (0 is that tonic), and the direction in which the line was moving when it came there.
 */
public record LineNote(int index, Direction direction) {}
