package pebblestep.documents.bench;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Position;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.rhythm.Speech;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.Fields;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.SpeechDocument;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;

/**
 * A climb to be worked out in the page.
 *
 * @param player whose range counts; nobody's without
 * @param cleanShare the player's own share of clean takes; the usual one without
 * @param at the rung to start from, an index for each axis; the first without
 * @param instead another climb, to be worked out from the nearest rung of it that is not harder
 * @param practice how much is practised; the usual without
 * @param studio how everybody in the studio climbs
 */
public record ClimbAsked(
        StepDocument step,
        ClimbDocument climb,
        @Nullable PlayerDocument player,
        @Nullable Double cleanShare,
        @Nullable List<Integer> at,
        @Nullable ClimbDocument instead,
        @Nullable Practice practice,
        SeenPart studio,
        LocalDate today,
        SpeechDocument speech) {

    /** Works it out; refuses what cannot be climbed by its field. */
    public ClimbAnswer answer() {
        Player by = player == null ? null : player.read();
        Step read = Fields.under("step", () -> {
            Step one = StepDocuments.read(step);
            Passage.of(one, by);
            return one;
        });
        Ascent planned = Asked.ascent(read, climb, "climb");
        Ascent other = instead == null ? planned : Asked.ascent(read, instead, "instead");
        return of(
                planned,
                other,
                Asked.position(planned.climb(), at, "at"),
                by,
                new ClimbWorkings.With(practice, Optional.ofNullable(cleanShare), studio.read(), today),
                speech.read());
    }

    /**
     * A climb worked out from a rung, or another in its place from the rung of it that is nearest and not harder.
     *
     * @param planned the climb as it is
     * @param other the climb that is asked about; the same where none is
     * @param pressed the rung of the planned one
     * @param by for whom; for nobody in particular without
     */
    public static ClimbAnswer of(
            Ascent planned,
            Ascent other,
            Position pressed,
            @Nullable Player by,
            ClimbWorkings.With with,
            Speech speech) {
        Position from = other == planned ? pressed : other.nearest(planned, pressed);
        try {
            return new ClimbWorkings(other, Optional.ofNullable(by), speech).answer(from, with);
        } catch (Refusal e) {
            throw e.field().startsWith("axes") ? e.under(other == planned ? "climb" : "instead") : e;
        }
    }
}
