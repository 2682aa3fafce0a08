/** Knows which keys a student meets, in which order and how fast. */
package pebblestep.app.keyplans;
