/** Knows what an instrument reads and how far it reaches: transposition, clef, written ranges. */
@NullMarked
package pebblestep.core.instrument;

import org.jspecify.annotations.NullMarked;
