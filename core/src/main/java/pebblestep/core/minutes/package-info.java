/** Knows how long practising takes, from a repetition to a week, and what to trim so that it fits. */
@NullMarked
package pebblestep.core.minutes;

import org.jspecify.annotations.NullMarked;
