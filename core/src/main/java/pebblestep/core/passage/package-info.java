/** Knows how a step becomes a passage: pitches at exact positions, note by note. */
@NullMarked
package pebblestep.core.passage;

import org.jspecify.annotations.NullMarked;
