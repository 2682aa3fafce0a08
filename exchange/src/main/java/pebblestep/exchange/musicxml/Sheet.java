package pebblestep.exchange.musicxml;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.notation.Score;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.StepWords;
import pebblestep.core.rhythm.Speech;

/**
 * A step as it is written down for somebody.
 *
 * @param title what stands over it
 * @param passage its notes
 * @param player who reads it; concert pitch without one
 * @param score its staves
 * @param speech how it is counted
 */
public record Sheet(String title, Passage passage, Optional<Player> player, Score score, Speech speech) {
    /** Words that can stand under the notes, fingers at them, and the bars before them. */
    public enum Beside {
        COUNTS,
        DEGREES,
        SOL_FA,
        FINGERS,
        COUNT_IN
    }

    /** The same under another title. */
    public Sheet titled(String other) {
        return new Sheet(other, passage, player, score, speech);
    }

    /** The sheet of a step; refuses one that cannot be played by that player, or not be written. */
    public static Sheet of(Step step, @Nullable Player player, Speech speech) {
        Passage passage = Passage.of(step, player);
        return new Sheet(
                StepWords.title(step, speech), passage, Optional.ofNullable(player), Score.of(passage, player), speech);
    }
}
