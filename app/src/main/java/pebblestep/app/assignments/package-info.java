/** Knows which step was given to which student, from when to when. */
@NullMarked
package pebblestep.app.assignments;

import org.jspecify.annotations.NullMarked;
