package pebblestep.app.takeaway;

import java.util.Optional;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Position;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;

/**
 * One step on its way into a file.
 *
 * @param title what it is called
 * @param ascent the step with its climb
 * @param at the rung that is taken; the step itself without
 * @param player who plays it
 */
record Piece(String title, Ascent ascent, Optional<Position> at, Optional<Player> player) {
    /** The step as it is taken. */
    Step step() {
        return at.map(ascent::at).orElse(ascent.step());
    }
}
