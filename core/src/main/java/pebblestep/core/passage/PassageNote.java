package pebblestep.core.passage;

import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.scale.Degree;
import pebblestep.core.scale.Direction;

/**
 * One note of a passage.
 *
 * @param index from 0
 * @param lineNote which note of the line it strikes, from 0
 * @param written the pitch on paper
 * @param concert the pitch that sounds
 * @param degree relative to the major scale of the tonic
 * @param direction the way the line was moving
 * @param at exact position from the downbeat of bar 1, in whole notes
 * @param value exact length, in whole notes
 */
public record PassageNote(
        int index,
        int lineNote,
        Pitch written,
        Pitch concert,
        Degree degree,
        Direction direction,
        Fraction at,
        Fraction value) {}
