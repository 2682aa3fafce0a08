/** Knows exact time: fractions of a whole note, values, meters, tempo and the counting words. */
@NullMarked
package pebblestep.core.rhythm;

import org.jspecify.annotations.NullMarked;
