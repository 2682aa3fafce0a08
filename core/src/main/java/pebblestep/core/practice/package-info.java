/** Knows takes, and what they say: standing, verdict sentences, progress per key. */
@NullMarked
package pebblestep.core.practice;

import org.jspecify.annotations.NullMarked;
