/** Knows where the last note falls, how far that is from its target and every small change that lands it. */
package pebblestep.core.passage.landing;
