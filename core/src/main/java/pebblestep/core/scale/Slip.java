package pebblestep.core.scale;

import java.util.Optional;
import pebblestep.core.pitch.NoteName;

/**
 * A likely slip of a key, said as "play X, not Y".
 *
 * @param play the note of the key
 * @param not the note that is likely to be played instead
 * @param when the direction in which it holds, or empty where it holds both ways
 */
public record Slip(NoteName play, NoteName not, Optional<Direction> when) {}
