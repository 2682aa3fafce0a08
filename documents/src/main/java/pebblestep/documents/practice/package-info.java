/** What the practice room asks and shows: worked out in the page over what the device keeps, and on the server alike. */
@NullMarked
package pebblestep.documents.practice;

import org.jspecify.annotations.NullMarked;
