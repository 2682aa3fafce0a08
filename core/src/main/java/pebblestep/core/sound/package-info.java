/** What is planned as it sounds: everything that is struck when a passage is played, in time, and the samples it makes. */
@NullMarked
package pebblestep.core.sound;

import org.jspecify.annotations.NullMarked;
