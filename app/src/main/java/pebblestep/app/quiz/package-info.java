/** Knows what students are asked about keys, and how they answered. */
@NullMarked
package pebblestep.app.quiz;

import org.jspecify.annotations.NullMarked;
