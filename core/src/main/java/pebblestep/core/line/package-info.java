/** Knows the order in which the notes of a form are played, as scale indexes without pitch or time. */
@NullMarked
package pebblestep.core.line;

import org.jspecify.annotations.NullMarked;
