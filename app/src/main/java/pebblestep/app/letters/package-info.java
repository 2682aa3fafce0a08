/** Knows the letter about a student's week, and through which mail server a studio sends its own. */
@NullMarked
package pebblestep.app.letters;

import org.jspecify.annotations.NullMarked;
