package pebblestep.core.practice;

/** How a take went. */
public enum Outcome {
    CLEAN,
    SLIPS,
    STOPPED
}
