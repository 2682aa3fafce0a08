package pebblestep.documents.practice;

import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Passage;
import pebblestep.core.practice.TapCheck;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.Rounded;
import pebblestep.documents.SpeechDocument;

/**
 * Taps along with the click, to be held against the notes: the student's own, or a made-up player's.
 *
 * @param at the rung that was played
 * @param taps milliseconds from the computed time of the first note
 * @param simulated who taps instead
 */
public record TapsAsked(
        PieceDocument piece,
        PlayerDocument player,
        SpeechDocument speech,
        String at,
        BigDecimal bpm,
        @Nullable List<Double> taps,
        @Nullable MadeUpPlayer simulated) {

    /**
     * How taps lie against the notes; late is positive.
     *
     * @param notes how many notes there are
     * @param extra taps beside them
     * @param bpm beats a minute of the taps
     * @param worst the note whose tap is furthest from the others, by its index
     * @param taps each note that was tapped
     * @param elsewhere the place that the taps lie on instead of their own, in words; absent where they lie on it
     */
    public record TapsAnswer(
            String sentence,
            int notes,
            int extra,
            double meanMs,
            double spreadMs,
            double bpm,
            int worst,
            List<TapPart> taps,
            @Nullable String elsewhere) {}

    /** One tapped note, by its index, and how late it was. */
    public record TapPart(int note, double offsetMs) {}

    /** Works it out; refuses too few taps to tell, and too many. */
    public TapsAnswer answer() {
        Passage passage = Passage.of(RungAsked.step(piece.ascent(), at, bpm), player.read());
        List<Double> heard = simulated == null ? taps : simulated.of(passage).taps(passage);
        if (heard == null) throw Refusal.of("taps", "Give the taps.");
        if (heard.size() > TapCheck.MOST_TAPS) {
            throw Refusal.of("taps", "At most " + TapCheck.MOST_TAPS + " taps at once.");
        }
        TapCheck check = TapCheck.of(passage, heard);
        CountSchool school = speech.counting();
        return new TapsAnswer(
                check.sentence(school),
                check.notes(),
                check.extra(),
                Rounded.of(check.meanMillis()),
                Rounded.of(check.spreadMillis()),
                Rounded.of(check.bpm()),
                check.worst().note(),
                check.taps().stream()
                        .map(tap -> new TapPart(tap.note(), Rounded.of(tap.offset())))
                        .toList(),
                check.elsewhere().map(other -> other.place().inWords(school)).orElse(null));
    }
}
