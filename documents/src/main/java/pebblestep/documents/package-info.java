/**
 * Knows what is said of steps, climbs and practice outside the core: documents, and how each becomes a value and comes from
 * one. Written once for the server and for the page, it knows no library that reads or writes text.
 */
@NullMarked
package pebblestep.documents;

import org.jspecify.annotations.NullMarked;
