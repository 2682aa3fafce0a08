/** Knows which clicks sound with a passage, and where. */
package pebblestep.core.metronome;
