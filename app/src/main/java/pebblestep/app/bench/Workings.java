package pebblestep.app.bench;

import java.util.Optional;
import java.util.Set;
import pebblestep.core.Refusal;
import pebblestep.core.metronome.ClickPlan;
import pebblestep.core.notation.Score;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.scale.Key;
import pebblestep.exchange.ClicksDocument;
import pebblestep.exchange.PassageDocument;
import pebblestep.exchange.PulseDocument;
import pebblestep.exchange.ScoreDocument;

/** Works a step out as a document: the passage, and what is drawn and sounded beside it as far as it is asked for. */
public final class Workings {
    /** What can be asked for beside the passage. */
    public enum Extra {
        SCORE,
        CLICKS,
        PULSE
    }

    private Workings() {}

    /**
     * The passage of a step; a place that cannot be written in notes leaves the score out and says why.
     *
     * @param before the written key that the player comes from
     */
    public static PassageDocument of(Step step, Optional<Player> player, Optional<Key> before, Set<Extra> extras) {
        Passage passage = Passage.of(step, player);
        ScoreDocument score = null;
        String scoreRefusal = null;
        if (extras.contains(Extra.SCORE)) {
            try {
                score = ScoreDocument.of(Score.of(passage, player));
            } catch (Refusal e) {
                scoreRefusal = e.getMessage();
            }
        }
        return PassageDocument.of(
                passage,
                player,
                before,
                score,
                scoreRefusal,
                extras.contains(Extra.CLICKS) ? ClicksDocument.of(ClickPlan.of(passage), passage) : null,
                extras.contains(Extra.PULSE) ? PulseDocument.of(passage) : null);
    }
}
