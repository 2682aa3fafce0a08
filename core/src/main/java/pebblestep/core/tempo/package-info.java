/** Knows tempo ladders: the ordered tempos from a start to a target. */
package pebblestep.core.tempo;
