/** Knows lessons: what to look at in them, what was written down, and what parents are told. */
@NullMarked
package pebblestep.app.lessons;

import org.jspecify.annotations.NullMarked;
