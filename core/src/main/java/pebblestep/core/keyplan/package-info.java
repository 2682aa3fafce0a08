/** Knows orders of keys. */
@NullMarked
package pebblestep.core.keyplan;

import org.jspecify.annotations.NullMarked;
