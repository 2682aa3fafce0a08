/** Knows what the takes say: the desk, and each student's key path. */
@NullMarked
package pebblestep.app.progress;

import org.jspecify.annotations.NullMarked;
