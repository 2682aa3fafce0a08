package pebblestep.documents;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.passage.AgainstChords;
import pebblestep.core.passage.ConfusablePlaces;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.PassageNote;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.landing.FixKind;
import pebblestep.core.passage.landing.Landing;
import pebblestep.core.passage.landing.LandingFix;
import pebblestep.core.passage.landing.LandingWords;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.ReferencePitch;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.NewNotes;
import pebblestep.core.scale.Slip;

/**
 * A passage as JSON: positions and values as exact fractions, milliseconds from the first attack. Score, clicks and
 * pulse are there when they were asked for.
 */
public record PassageDocument(
        List<NotePart> notes,
        int noteCount,
        int bars,
        double durationMs,
        double notesPerSecond,
        LandingDocument landing,
        List<SlipPart> slips,
        CarePart care,
        KeyNamesPart key,
        @Nullable NotatedPart notated,
        @Nullable ClicksDocument clicks,
        @Nullable PulseDocument pulse,
        @Nullable List<NearPart> near,
        @Nullable List<VoiceDocument> voices,
        @Nullable List<StationDocument> stations,
        @Nullable String againstChords,
        @Nullable HandDocument hand,
        @Nullable PedalsDocument pedals) {

    /**
     * What to take care of besides the slips.
     *
     * @param quickest the shortest note value
     * @param awkward what to alternate alone: of the key, and where it is asked for how it is fingered, of the hand
     */
    public record CarePart(String quickest, List<AwkwardPart> awkward, List<NewNotePart> newNotes) {}

    /** The key as it is written and as it sounds, and the written signature in words. */
    public record KeyNamesPart(String written, String concert, String signature) {}

    /** The notation, or why there is none. */
    public record NotatedPart(@Nullable ScoreDocument score, @Nullable String refusal) {}

    /** One note; {@code bar} counts from 1 and a pickup stands in bar 0, {@code solfa} is its syllable. */
    public record NotePart(
            int index,
            String pitch,
            String concert,
            int midi,
            String degree,
            String solfa,
            String at,
            String value,
            int bar,
            String count,
            String said,
            double ms,
            double durationMs) {}

    /** Where the last note falls; {@code target} is the position where it should have fallen, {@code note} the index of the note that arrives. */
    public record LandingDocument(
            boolean lands,
            int note,
            String at,
            int bar,
            String count,
            String off,
            BigDecimal clicks,
            String target,
            String distance,
            String sentence,
            String why,
            List<FixPart> fixes) {}

    /**
     * One change that lands, with the changed step ready to be sent again.
     *
     * @param label the sentence as it stands on what is pressed for it
     */
    public record FixPart(
            FixKind kind,
            @Nullable String by,
            @Nullable String place,
            @Nullable String startsOn,
            String sentence,
            String label,
            StepDocument step) {}

    /** Play this, not that; {@code when} is up or down where it holds one way only. */
    public record SlipPart(String play, String not, @Nullable Direction when) {}

    /** Two neighbouring written notes worth alternating alone, and why. */
    public record AwkwardPart(String lower, String upper, String why) {}

    /** A written note that the key before did not have; {@code was} is what stood on its letter there. */
    public record NewNotePart(String note, @Nullable String was) {}

    /** A place of another division close to the start, its count and how the studio counts it, and the step on it. */
    public record NearPart(
            String place,
            String count,
            String counted,
            String division,
            double ms,
            String sentence,
            StepDocument step) {}

    /**
     * For whom a passage is said.
     *
     * @param player whose instrument makes places awkward
     * @param before the written key the player comes from, for what is new
     * @param speech how the studio talks
     */
    public record Reader(Optional<Player> player, Optional<Key> before, Speech speech) {
        /** Nobody in particular. */
        public static final Reader NOBODY = new Reader(Optional.empty(), Optional.empty(), Speech.USUAL);

        /** What they tune to; 440 Hz for nobody in particular. */
        public ReferencePitch reference() {
            return player.map(Player::reference).orElse(ReferencePitch.ISO_16);
        }
    }

    /** What is drawn and sounded beside a passage; any of it may be null. */
    public record Beside(
            @Nullable NotatedPart notated,
            @Nullable ClicksDocument clicks,
            @Nullable PulseDocument pulse,
            @Nullable List<NearPart> near,
            @Nullable HandDocument hand,
            @Nullable PedalsDocument pedals) {
        /** Nothing. */
        public static final Beside NOTHING = new Beside(null, null, null, null, null, null);
    }

    /** The passage for a reader, with what stands beside it. */
    public static PassageDocument of(Passage passage, Landing landing, Reader reader, Beside beside) {
        return new PassageDocument(
                passage.notes().stream()
                        .map(note -> part(note, passage, reader))
                        .toList(),
                passage.notes().size(),
                passage.bars(),
                Rounded.of(passage.durationMillis()),
                Rounded.of(passage.notesPerSecond()),
                landing(landing, reader.speech),
                passage.slips().stream().map(PassageDocument::part).toList(),
                care(passage, reader, beside.hand != null),
                new KeyNamesPart(
                        passage.writtenKey().toString(),
                        passage.concertKey().toString(),
                        passage.writtenKey().signature().inWords()),
                beside.notated,
                beside.clicks,
                beside.pulse,
                beside.near,
                passage.parts().isEmpty() ? null : VoiceDocument.of(passage, reader),
                passage.stations().isEmpty() ? null : StationDocument.of(passage, reader.speech),
                AgainstChords.of(passage).sentence(passage, reader.speech).orElse(null),
                beside.hand,
                beside.pedals);
    }

    private static CarePart care(Passage passage, Reader reader, boolean isFingered) {
        return new CarePart(
                passage.quickest().toString(),
                passage.awkward(isFingered ? reader.player.orElse(null) : null).stream()
                        .map(spot ->
                                new AwkwardPart(spot.lower().id(), spot.upper().id(), spot.why()))
                        .toList(),
                reader.before.stream()
                        .flatMap(key -> NewNotes.of(passage.writtenKey(), key).stream())
                        .map(fresh -> new NewNotePart(
                                fresh.note().id(), fresh.was().map(NoteName::id).orElse(null)))
                        .toList());
    }

    static NotePart part(PassageNote note, Passage passage, Reader reader) {
        return new NotePart(
                note.index(),
                note.written().id(),
                note.concert().id(),
                note.concert().midi(),
                note.degree().id(),
                passage.syllable(note, reader.speech.syllables()),
                note.at().toString(),
                note.value().toString(),
                passage.step().meter().barOf(note.at()),
                Count.of(note.at(), passage.step().meter()).toString(),
                Count.said(note.at(), passage.step().meter(), reader.speech.school()),
                Rounded.of(passage.millisAt(note.at())),
                Rounded.of(passage.millisAt(note.at().plus(note.value())) - passage.millisAt(note.at())));
    }

    private static LandingDocument landing(Landing landing, Speech speech) {
        LandingWords words = landing.words(speech);
        return new LandingDocument(
                landing.lands(),
                landing.note(),
                landing.at().toString(),
                landing.bar(),
                landing.count().toString(),
                landing.off().toString(),
                decimal(landing.clicks()),
                landing.target().toString(),
                words.distance(),
                words.sentence(),
                words.why(),
                landing.fixes(speech).stream().map(PassageDocument::part).toList());
    }

    private static BigDecimal decimal(Fraction fraction) {
        return BigDecimal.valueOf(fraction.numerator())
                .divide(BigDecimal.valueOf(fraction.denominator()), new MathContext(6));
    }

    private static FixPart part(LandingFix fix) {
        return new FixPart(
                fix.kind(),
                fix.by().map(Fraction::toString).orElse(null),
                fix.by().map(by -> fix.step().place().toString()).orElse(null),
                fix.startsOn().map(Count::toString).orElse(null),
                fix.sentence(),
                fix.label(),
                StepDocuments.write(fix.step()));
    }

    /** The places close to the start of a step, as they are said. */
    public static List<NearPart> near(Step step, Speech speech) {
        return ConfusablePlaces.of(step, speech).stream()
                .map(near -> new NearPart(
                        near.place().toString(),
                        near.count().toString(),
                        near.count().inShort(speech.school()),
                        near.division(),
                        Rounded.of(near.millis()),
                        near.sentence(),
                        StepDocuments.write(near.step())))
                .toList();
    }

    static SlipPart part(Slip slip) {
        return new SlipPart(slip.play().id(), slip.not().id(), slip.when().orElse(null));
    }
}
