/** Which instrument is fingered how, and every fingering style by its id. */
@NullMarked
package pebblestep.core.fingering.instruments;

import org.jspecify.annotations.NullMarked;
