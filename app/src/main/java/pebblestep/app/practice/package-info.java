/** Knows the student's side: what to practise today, and the log of takes. */
@NullMarked
package pebblestep.app.practice;

import org.jspecify.annotations.NullMarked;
