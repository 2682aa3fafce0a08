package pebblestep.core.passage.landing;

import pebblestep.core.Identified;

/** The kinds of change. */
public enum FixKind implements Identified {
    /** Move the start, or the other way round the bar. */
    MOVE,
    /** Strike the turning note another number of times, alone or with a move. */
    TURN,
    /** Come into the line on a later note. */
    FROM,
    /** One passing note more or fewer. */
    NOTE,
    /** Hold the turning note or the first note longer. */
    HOLD,
    /** Begin every key of a walk at the next bar, alone or with a move. */
    JOIN
}
