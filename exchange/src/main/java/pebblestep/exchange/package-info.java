/** Knows the open formats: how a step is read from its JSON document and written to it. */
@NullMarked
package pebblestep.exchange;

import org.jspecify.annotations.NullMarked;
