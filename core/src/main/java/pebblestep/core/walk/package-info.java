/** Knows walks: through which keys a line goes without stopping, and how one joins the next. */
@NullMarked
package pebblestep.core.walk;

import org.jspecify.annotations.NullMarked;
