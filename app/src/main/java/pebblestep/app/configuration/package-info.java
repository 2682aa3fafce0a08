/** Knows how this installation is set up: what its owner may say at the start. */
@NullMarked
package pebblestep.app.configuration;

import org.jspecify.annotations.NullMarked;
