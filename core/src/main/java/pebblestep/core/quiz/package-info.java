/** Knows questions about keys, and how answers are marked. */
package pebblestep.core.quiz;
