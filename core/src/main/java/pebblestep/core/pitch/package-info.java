/** Knows letters, alterations, octaves, intervals and their sounding number; nothing of scales. */
@NullMarked
package pebblestep.core.pitch;

import org.jspecify.annotations.NullMarked;
