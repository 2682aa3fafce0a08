/** Knows the students of a studio and their private practice links. */
@NullMarked
package pebblestep.app.students;

import org.jspecify.annotations.NullMarked;
