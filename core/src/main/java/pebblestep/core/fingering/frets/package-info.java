/** Guitars and other necks with frets: shapes in a position, three notes a string, one shape in every key. */
@NullMarked
package pebblestep.core.fingering.frets;

import org.jspecify.annotations.NullMarked;
