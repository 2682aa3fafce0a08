/** Knows what is asked of steps and climbs while they are made, and answers it from what it is given: nothing is looked up. */
@NullMarked
package pebblestep.documents.bench;

import org.jspecify.annotations.NullMarked;
