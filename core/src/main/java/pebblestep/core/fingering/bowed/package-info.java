/** Violin, viola, cello and double bass: fingers, positions, strings, and the signs beside the notes. */
@NullMarked
package pebblestep.core.fingering.bowed;

import org.jspecify.annotations.NullMarked;
