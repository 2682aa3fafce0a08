/** Knows studios and teachers: signing up, in and out. */
@NullMarked
package pebblestep.app.accounts;

import org.jspecify.annotations.NullMarked;
