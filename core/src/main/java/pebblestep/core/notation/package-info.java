/** Knows how a passage is written down: bars, ties, tuplets, beams, accidentals and rests. */
package pebblestep.core.notation;
