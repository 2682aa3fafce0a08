/** Knows further voices: how they are derived from a line, who plays them, and what can be played at once. */
@NullMarked
package pebblestep.core.voice;

import org.jspecify.annotations.NullMarked;
