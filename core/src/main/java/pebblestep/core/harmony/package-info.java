/** Knows chords: what they are made of, how they are written and read, and how one moves to the next most closely. */
@NullMarked
package pebblestep.core.harmony;

import org.jspecify.annotations.NullMarked;
