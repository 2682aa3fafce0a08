package pebblestep.core.scale;

/** Which way a line moves; some forms have other notes coming down than going up. */
public enum Direction {
    UP,
    DOWN
}
