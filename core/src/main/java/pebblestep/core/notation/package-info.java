/** Knows how a passage is written down: bars, ties, tuplets, beams, accidentals and rests. */
@NullMarked
package pebblestep.core.notation;

import org.jspecify.annotations.NullMarked;
