/** Knows which step was given to which student, from when to when. */
package pebblestep.app.assignments;
