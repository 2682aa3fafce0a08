/** Knows how a step becomes a passage: pitches at exact positions, note by note. */
package pebblestep.core.passage;
