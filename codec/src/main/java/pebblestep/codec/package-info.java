/**
 * Knows how records stand in JSON where nothing can be looked up at run time: while the page is compiled, it writes the code
 * that reads and writes them.
 */
@NullMarked
package pebblestep.codec;

import org.jspecify.annotations.NullMarked;
