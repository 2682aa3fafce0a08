/** Knows how letters leave the studio: through a mail server where one is named, else into a simulated mailbox. */
@NullMarked
package pebblestep.app.post;

import org.jspecify.annotations.NullMarked;
