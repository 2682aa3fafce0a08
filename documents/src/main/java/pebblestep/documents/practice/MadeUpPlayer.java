package pebblestep.documents.practice;

import pebblestep.core.Identified;
import pebblestep.core.passage.Passage;
import pebblestep.core.practice.SimulatedPlayer;
import pebblestep.core.rhythm.Fraction;

/** The players of the demo, whose faults are known beforehand. */
public enum MadeUpPlayer implements Identified {
    STEADY,
    LATE,
    UNSTEADY,
    SLOWING,
    ELSEWHERE;

    private static final long SEED = 5;

    /** Somebody who plays a passage with that fault. */
    SimulatedPlayer of(Passage passage) {
        Fraction quarterOfBeat = passage.step().tempo().beat().times(Fraction.of(1, 4));
        return switch (this) {
            case STEADY -> SimulatedPlayer.of(0, 6, SEED);
            case LATE -> SimulatedPlayer.of(35, 8, SEED);
            case UNSTEADY -> SimulatedPlayer.of(0, 40, SEED).careless(0.05, 0.05);
            case SLOWING -> SimulatedPlayer.of(0, 8, SEED).drifting(0.03);
            case ELSEWHERE -> SimulatedPlayer.of(0, 10, SEED).displaced(quarterOfBeat);
        };
    }
}
