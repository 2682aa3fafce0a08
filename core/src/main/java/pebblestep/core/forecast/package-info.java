/** Knows whether a target tempo will be met by its date, from the takes so far. */
@NullMarked
package pebblestep.core.forecast;

import org.jspecify.annotations.NullMarked;
