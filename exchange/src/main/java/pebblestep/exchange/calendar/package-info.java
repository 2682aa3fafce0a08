/** Knows how lessons and days of practice are written for calendars (RFC 5545). */
@NullMarked
package pebblestep.exchange.calendar;

import org.jspecify.annotations.NullMarked;
