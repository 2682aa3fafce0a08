/** Knows steps: working them out, and keeping them. */
@NullMarked
package pebblestep.app.bench;

import org.jspecify.annotations.NullMarked;
