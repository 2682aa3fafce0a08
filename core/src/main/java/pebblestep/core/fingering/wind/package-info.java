/** Woodwinds: holes and keys, as charts of fingerings have them. */
@NullMarked
package pebblestep.core.fingering.wind;

import org.jspecify.annotations.NullMarked;
