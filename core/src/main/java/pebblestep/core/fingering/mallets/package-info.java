/** Marimba and other bars: two mallets in turn. */
@NullMarked
package pebblestep.core.fingering.mallets;

import org.jspecify.annotations.NullMarked;
