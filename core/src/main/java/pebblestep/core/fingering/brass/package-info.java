/** Valves and slides: the partials of a tube, and what lengthens it. The trombone is here. */
@NullMarked
package pebblestep.core.fingering.brass;

import org.jspecify.annotations.NullMarked;
