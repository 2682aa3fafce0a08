/** Knows the made-up studio of the demo. */
@NullMarked
package pebblestep.app.demo;

import org.jspecify.annotations.NullMarked;
