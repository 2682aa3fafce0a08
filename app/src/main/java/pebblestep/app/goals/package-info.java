/** Knows which scales a student has to be able to play by which day. */
@NullMarked
package pebblestep.app.goals;

import org.jspecify.annotations.NullMarked;
