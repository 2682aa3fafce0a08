package pebblestep.documents.practice;

import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
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
 * @param part the further voice that is played instead of the line, from 0: what a second player has
 */
public record RungAsked(
        PieceDocument piece,
        PlayerDocument player,
        SpeechDocument speech,
        String at,
        @Nullable BigDecimal bpm,
        @Nullable Integer part) {

    /** Works it out; refuses a rung that the climb does not have, by its field. */
    public PassageDocument answer() {
        Player by = player.read();
        Step step = step(piece.ascent(), at, bpm);
        Reader reader = new Reader(Optional.of(by), piece.keyBefore(by), speech.read());
        Set<Workings.Extra> extras = EnumSet.complementOf(EnumSet.of(Workings.Extra.NEAR));
        return part == null ? Workings.of(step, reader, extras) : Workings.ofPart(step, reader, extras, part);
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
