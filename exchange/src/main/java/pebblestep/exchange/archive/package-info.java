/** Knows how tables are kept in one open file: JSON lines, CSV beside them, and a manifest with counts and checksums. */
@NullMarked
package pebblestep.exchange.archive;

import org.jspecify.annotations.NullMarked;
