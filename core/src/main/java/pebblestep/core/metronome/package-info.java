/** Knows which clicks sound with a passage, and where. */
@NullMarked
package pebblestep.core.metronome;

import org.jspecify.annotations.NullMarked;
