/** Knows how what is kept about somebody leaves: handed to them, deleted, taken back within thirty days, gone. */
@NullMarked
package pebblestep.app.deletion;

import org.jspecify.annotations.NullMarked;
