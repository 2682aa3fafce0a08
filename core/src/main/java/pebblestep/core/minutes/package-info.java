/** Knows how long practising takes, from a repetition to a week, and what to trim so that it fits. */
package pebblestep.core.minutes;
