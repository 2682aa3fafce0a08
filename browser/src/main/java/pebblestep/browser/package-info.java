/** Knows how the page asks the core: one text in and one text out. It holds no rule. */
@NullMarked
package pebblestep.browser;

import org.jspecify.annotations.NullMarked;
