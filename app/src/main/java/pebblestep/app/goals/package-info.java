/** Knows which scales a student has to be able to play by which day. */
package pebblestep.app.goals;
