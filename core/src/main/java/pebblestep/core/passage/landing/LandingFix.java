package pebblestep.core.passage.landing;

import java.util.Optional;
import pebblestep.core.Identified;
import pebblestep.core.passage.Step;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.Fraction;

/**
 * One small change that makes a step land exactly.
 *
 * @param kind what is changed; a turn may come with a move
 * @param by how far the start moves, later positive; empty where it stays
 * @param startsOn the count on which the student now starts; empty where the start stays
 * @param sentence the change as an instruction
 * @param step the changed step
 */
public record LandingFix(Kind kind, Optional<Fraction> by, Optional<Count> startsOn, String sentence, Step step) {
    /** The kinds of change. */
    public enum Kind implements Identified {
        /** Move the start, or the other way round the bar. */
        MOVE,
        /** Strike the turning note another number of times, alone or with a move. */
        TURN,
        /** Come into the line on a later note. */
        FROM,
        /** One passing note more or fewer. */
        NOTE,
        /** Hold the turning note or the first note longer. */
        HOLD
    }
}
