/** Knows what every part of the application shares: errors, security, limits, the API document. */
@NullMarked
package pebblestep.app.platform;

import org.jspecify.annotations.NullMarked;
