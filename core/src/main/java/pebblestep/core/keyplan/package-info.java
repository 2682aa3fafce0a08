/** Knows orders of keys. */
package pebblestep.core.keyplan;
