/** Knows exact time: fractions of a whole note, values, meters, tempo and the counting words. */
package pebblestep.core.rhythm;
