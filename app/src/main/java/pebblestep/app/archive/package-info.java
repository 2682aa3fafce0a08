/** Knows how a whole studio, or what is kept about one student, leaves as an archive and comes into another studio. */
@NullMarked
package pebblestep.app.archive;

import org.jspecify.annotations.NullMarked;
