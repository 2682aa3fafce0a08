package pebblestep.core.passage;

import pebblestep.core.pitch.Pitch;

/** Two neighbouring written notes of a line that are worth alternating alone, the lower first, and why. */
public record AwkwardSpot(Pitch lower, Pitch upper, String why) {}
