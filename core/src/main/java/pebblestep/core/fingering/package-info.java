/** How a note can be played: a way to play it, the moves between ways, what both cost, and what a player or a step asks for. */
@NullMarked
package pebblestep.core.fingering;

import org.jspecify.annotations.NullMarked;
