package pebblestep.core.scale;

import pebblestep.core.Identified;

/** Which way a line moves; some forms have other notes coming down than going up. */
public enum Direction implements Identified {
    UP,
    DOWN
}
