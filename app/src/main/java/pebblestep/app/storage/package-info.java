/** Knows the folder of the user's data: whether it can be started with, how much room is left, and its backups. */
@NullMarked
package pebblestep.app.storage;

import org.jspecify.annotations.NullMarked;
