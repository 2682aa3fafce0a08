/** Knows questions about keys, and how answers are marked. */
@NullMarked
package pebblestep.core.quiz;

import org.jspecify.annotations.NullMarked;
