/** Knows what the takes say: the desk, and each student's key path. */
package pebblestep.app.progress;
