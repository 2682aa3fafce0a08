/** What a fingering looks like in words, and what in it is new for a player. */
@NullMarked
package pebblestep.core.fingering.words;

import org.jspecify.annotations.NullMarked;
