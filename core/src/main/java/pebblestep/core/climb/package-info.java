/**
 * Knows how a step grows: axes of rungs, which moves are legal, where tries and decisions leave a student, and what a climb
 * will take.
 */
@NullMarked
package pebblestep.core.climb;

import org.jspecify.annotations.NullMarked;
