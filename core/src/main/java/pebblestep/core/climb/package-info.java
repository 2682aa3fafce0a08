/** Knows how a student moves on a ladder of rungs, from tries in and standing out. */
package pebblestep.core.climb;
