package pebblestep.core.climb;

import pebblestep.core.Identified;

/** Which axis is next when one is done. */
public enum Policy implements Identified {
    /** The next axis moves by one rung, and those before it are climbed again. */
    IN_TURN,
    /** All axes but the tempo move together. */
    PAIRED,
    /** The teacher picks an axis; only the tempo is climbed again. */
    TEACHER_PICKS;
}
