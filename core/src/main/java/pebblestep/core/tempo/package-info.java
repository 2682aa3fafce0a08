/** Knows tempo ladders: the ordered tempos from a start to a target. */
@NullMarked
package pebblestep.core.tempo;

import org.jspecify.annotations.NullMarked;
