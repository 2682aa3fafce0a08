/** The music and practice rules of Pebble Step. The only type here is the one class of errors all packages share. */
@NullMarked
package pebblestep.core;

import org.jspecify.annotations.NullMarked;
