/** Knows where the last note falls, how far that is from its target and every small change that lands it. */
@NullMarked
package pebblestep.core.passage.landing;

import org.jspecify.annotations.NullMarked;
