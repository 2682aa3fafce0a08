package pebblestep.core.passage.landing;

import java.util.Optional;
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
public record LandingFix(FixKind kind, Optional<Fraction> by, Optional<Count> startsOn, String sentence, Step step) {
    /** The instruction as it stands on what is pressed for it: without a full stop. */
    public String label() {
        return sentence.substring(0, sentence.length() - 1);
    }
}
