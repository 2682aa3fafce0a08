/** Knows which lessons and days of practice stand in calendars, and by which private addresses they are followed. */
@NullMarked
package pebblestep.app.calendar;

import org.jspecify.annotations.NullMarked;
