/** Knows which keys a student meets, in which order and how fast. */
@NullMarked
package pebblestep.app.keyplans;

import org.jspecify.annotations.NullMarked;
