package pebblestep.documents.practice;

import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Position;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.rhythm.Bpm;
import pebblestep.documents.Fields;
import pebblestep.documents.PassageDocument;
import pebblestep.documents.PassageDocument.Reader;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.SpeechDocument;
import pebblestep.documents.Workings;

/**
 * What is on the stand: a rung of a piece, with everything that is drawn and sounded.
 *
 * @param at the rung
 * @param bpm another tempo than the rung's
 */
public record RungAsked(
        PieceDocument piece, PlayerDocument player, SpeechDocument speech, String at, @Nullable BigDecimal bpm) {

    /** Works it out; refuses a rung that the climb does not have, by its field. */
    public PassageDocument answer() {
        Player by = player.read();
        return Workings.of(
                step(piece.ascent(), at, bpm),
                new Reader(Optional.of(by), piece.keyBefore(by), speech.read()),
                EnumSet.complementOf(EnumSet.of(Workings.Extra.NEAR)));
    }

    /** The step on a rung of a climb, at its own tempo or another. */
    static Step step(Ascent ascent, String at, @Nullable BigDecimal bpm) {
        Step step = Fields.at("at", () -> {
            Position there = Position.parse(at);
            ascent.climb().require(there);
            return ascent.at(there);
        });
        if (bpm == null) return step;
        Bpm own = Fields.at("bpm", () -> Bpm.of(bpm));
        return step.withTempo(step.tempo().at(own));
    }
}
