/** Knows lessons: what to look at in them, what was written down, and what parents are told. */
package pebblestep.app.lessons;
