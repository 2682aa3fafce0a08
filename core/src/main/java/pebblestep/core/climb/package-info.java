/**
 * Knows how a step grows: axes of rungs, which moves are legal, where tries and decisions leave a student, and what a climb
 * will take.
 */
package pebblestep.core.climb;
