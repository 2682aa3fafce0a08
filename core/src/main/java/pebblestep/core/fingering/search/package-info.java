/** The cheapest way through a line, out of all ways of its notes and the moves between them. */
@NullMarked
package pebblestep.core.fingering.search;

import org.jspecify.annotations.NullMarked;
