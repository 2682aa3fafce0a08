/** Piano and other keyboards: the handbook's fingers for scales and broken chords, and rules for everything else. */
@NullMarked
package pebblestep.core.fingering.keyboard;

import org.jspecify.annotations.NullMarked;
