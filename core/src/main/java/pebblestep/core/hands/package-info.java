/** How a note can be played by hand, what it costs to get from one way to the next, and the cheapest way through a line. */
@NullMarked
package pebblestep.core.hands;

import org.jspecify.annotations.NullMarked;
