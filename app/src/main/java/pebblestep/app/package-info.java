/** Starts the application: nothing is known here but which class is the first. */
@NullMarked
package pebblestep.app;

import org.jspecify.annotations.NullMarked;
