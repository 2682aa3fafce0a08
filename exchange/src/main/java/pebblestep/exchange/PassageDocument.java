package pebblestep.exchange;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.PassageNote;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.landing.Landing;
import pebblestep.core.passage.landing.LandingFix;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.NewNotes;
import pebblestep.core.scale.Slip;

/**
 * A passage as JSON: positions and values as exact fractions, milliseconds from the first attack. Score, clicks and
 * pulse are there when they were asked for.
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record PassageDocument(
        List<NotePart> notes,
        int noteCount,
        int bars,
        double durationMs,
        double notesPerSecond,
        LandingDocument landing,
        List<SlipPart> slips,
        List<AwkwardPart> awkward,
        List<NewNotePart> newNotes,
        String writtenKey,
        String concertKey,
        @Nullable ScoreDocument score,
        @Nullable String scoreRefusal,
        @Nullable ClicksDocument clicks,
        @Nullable PulseDocument pulse) {

    /** One note; {@code bar} counts from 1 and a pickup stands in bar 0. */
    public record NotePart(
            int index,
            String pitch,
            String concert,
            int midi,
            String degree,
            String at,
            String value,
            int bar,
            String count,
            double ms,
            double durationMs) {}

    /** Where the last note falls; {@code target} is the position where it should have fallen. */
    public record LandingDocument(
            boolean lands,
            String at,
            int bar,
            String count,
            String off,
            BigDecimal clicks,
            String target,
            String sentence,
            List<FixPart> fixes) {}

    /** One change that lands, with the changed step ready to be sent again. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record FixPart(
            String kind,
            @Nullable String by,
            @Nullable String place,
            @Nullable String startsOn,
            String sentence,
            StepDocument step) {}

    /** Play this, not that; {@code when} is up or down where it holds one way only. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record SlipPart(String play, String not, @Nullable String when) {}

    /** Two neighbouring written notes worth alternating alone, and why. */
    public record AwkwardPart(String lower, String upper, String why) {}

    /** A written note that the key before did not have; {@code was} is what stood on its letter there. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record NewNotePart(String note, @Nullable String was) {}

    /** The passage alone, as the published format has it. */
    public static PassageDocument of(Passage passage) {
        return of(passage, Optional.empty(), Optional.empty(), null, null, null, null);
    }

    /**
     * The passage with what is drawn and sounded beside it; any of the four may be null.
     *
     * @param player whose instrument makes places awkward
     * @param before the written key the player comes from, for what is new
     */
    public static PassageDocument of(
            Passage passage,
            Optional<Player> player,
            Optional<Key> before,
            @Nullable ScoreDocument score,
            @Nullable String scoreRefusal,
            @Nullable ClicksDocument clicks,
            @Nullable PulseDocument pulse) {
        return new PassageDocument(
                passage.notes().stream().map(note -> part(note, passage)).toList(),
                passage.notes().size(),
                passage.bars(),
                Rounded.of(passage.durationMillis()),
                Rounded.of(passage.notesPerSecond()),
                landing(Landing.of(passage)),
                passage.slips().stream().map(PassageDocument::part).toList(),
                passage.awkward(player).stream()
                        .map(spot -> new AwkwardPart(
                                spot.lower().toString(), spot.upper().toString(), spot.why()))
                        .toList(),
                before.stream()
                        .flatMap(key -> NewNotes.of(passage.writtenKey(), key).stream())
                        .map(fresh -> new NewNotePart(
                                fresh.note().toString(),
                                fresh.was().map(NoteName::toString).orElse(null)))
                        .toList(),
                passage.writtenKey().toString(),
                passage.concertKey().toString(),
                score,
                scoreRefusal,
                clicks,
                pulse);
    }

    private static NotePart part(PassageNote note, Passage passage) {
        return new NotePart(
                note.index(),
                note.written().toString(),
                note.concert().toString(),
                note.concert().midi(),
                note.degree().toString(),
                note.at().toString(),
                note.value().toString(),
                passage.step().meter().barOf(note.at()),
                Count.of(note.at(), passage.step().meter()).toString(),
                Rounded.of(passage.millisAt(note.at())),
                Rounded.of(passage.step().tempo().millis(note.value())));
    }

    private static LandingDocument landing(Landing landing) {
        return new LandingDocument(
                landing.lands(),
                landing.at().toString(),
                landing.bar(),
                landing.count().toString(),
                landing.off().toString(),
                decimal(landing.clicks()),
                landing.at().minus(landing.off()).toString(),
                landing.sentence(),
                landing.fixes().stream().map(PassageDocument::part).toList());
    }

    private static BigDecimal decimal(Fraction fraction) {
        return BigDecimal.valueOf(fraction.numerator())
                .divide(BigDecimal.valueOf(fraction.denominator()), new MathContext(6));
    }

    private static FixPart part(LandingFix fix) {
        return new FixPart(
                fix.kind().name().toLowerCase(java.util.Locale.ROOT),
                fix.by().map(Fraction::toString).orElse(null),
                fix.by().map(by -> fix.step().place().toString()).orElse(null),
                fix.startsOn().map(Count::toString).orElse(null),
                fix.sentence(),
                StepDocuments.write(fix.step()));
    }

    private static SlipPart part(Slip slip) {
        return new SlipPart(
                slip.play().toString(),
                slip.not().toString(),
                slip.when()
                        .map(direction -> direction.name().toLowerCase(java.util.Locale.ROOT))
                        .orElse(null));
    }
}
