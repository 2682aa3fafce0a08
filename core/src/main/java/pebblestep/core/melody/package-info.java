/** Melodies that come from elsewhere: in which key they are, and the step that plays them. */
@NullMarked
package pebblestep.core.melody;

import org.jspecify.annotations.NullMarked;
