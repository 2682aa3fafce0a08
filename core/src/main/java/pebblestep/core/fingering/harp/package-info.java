/** The pedals of a harp, and what they alter on the way. */
@NullMarked
package pebblestep.core.fingering.harp;

import org.jspecify.annotations.NullMarked;
