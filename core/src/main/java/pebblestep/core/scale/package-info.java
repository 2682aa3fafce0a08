/** Knows forms as degrees, keys as tonic and form, how they are spelled, signed and confused. */
@NullMarked
package pebblestep.core.scale;

import org.jspecify.annotations.NullMarked;
