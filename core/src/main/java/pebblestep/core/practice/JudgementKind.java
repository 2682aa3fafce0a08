package pebblestep.core.practice;

import pebblestep.core.Identified;

/** What a judgement comes to, in the order in which it needs the teacher: what is held up first. */
public enum JudgementKind implements Identified {
    /** The player's range does not take it. */
    MISFIT,
    STUCK,
    SLIPPING,
    QUIET,
    BEHIND,
    BACK,
    MISSES,
    PICK,
    REACHED,
    READY,
    NEW,
    WAITS,
    HOLD,
    ON_COURSE
}
