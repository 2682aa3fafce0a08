/** Knows the order in which the notes of a form are played, as scale indexes without pitch or time. */
package pebblestep.core.line;
