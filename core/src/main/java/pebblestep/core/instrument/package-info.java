/** Knows what an instrument reads and how far it reaches: transposition, clef, written ranges. */
package pebblestep.core.instrument;
