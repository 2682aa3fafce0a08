/** Knows takes, and what they say: standing, verdict sentences, progress per key. */
package pebblestep.core.practice;
