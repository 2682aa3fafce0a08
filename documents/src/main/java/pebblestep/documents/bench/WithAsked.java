package pebblestep.documents.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Words;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.VoiceOffers;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.voice.By;
import pebblestep.core.voice.Entry;
import pebblestep.core.voice.Voice;
import pebblestep.documents.Fields;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;
import pebblestep.documents.VoiceFields;

/** Which voices can be played with a step. */
public record WithAsked(StepDocument step, @Nullable PlayerDocument player) {
    private static final List<Integer> INTERVALS =
            List.of(1, -3, -6, -8, -10, -15, 3, 6, 8, 10, 15, -4, -5, 4, 5, 13, -13);

    /**
     * What can be chosen.
     *
     * @param offers voices to add
     * @param intervals how far from the line a voice can be
     * @param by who can play one
     * @param entries when one can come in
     * @param degrees on which notes of the form one can stay
     */
    public record WithAnswer(
            List<OfferPart> offers,
            List<IntervalPart> intervals,
            List<ByPart> by,
            List<EntryPart> entries,
            List<Integer> degrees) {}

    /** A voice to add; {@code refused} says why it cannot be. */
    public record OfferPart(String name, StepDocument.VoicePart voice, @Nullable String refused) {}

    /** A distance from the line. */
    public record IntervalPart(int interval, String words) {}

    /** Who plays a voice. */
    public record ByPart(By by, String words) {}

    /** When a voice comes in. */
    public record EntryPart(@Nullable String delay, @Nullable Integer delayNotes, String words) {}

    /** The choices; refuses a step that cannot be read. */
    public WithAnswer answer() {
        Step read = Fields.under("step", () -> StepDocuments.read(step));
        Optional<Player> by = Optional.ofNullable(player).map(PlayerDocument::read);
        return new WithAnswer(
                VoiceOffers.of(read, by.orElse(null)).stream()
                        .map(offer -> new OfferPart(
                                offer.name(),
                                VoiceFields.write(offer.voice()),
                                offer.refused().orElse(null)))
                        .toList(),
                INTERVALS.stream().map(WithAsked::interval).toList(),
                Stream.of(By.values()).map(one -> new ByPart(one, one.words())).toList(),
                entries(read),
                IntStream.rangeClosed(1, read.key().form().size()).boxed().toList());
    }

    private static IntervalPart interval(int interval) {
        String words = Voice.at(interval, By.COMPANY).intervalInWords();
        return new IntervalPart(interval, words.isEmpty() ? "the same notes" : words);
    }

    private static List<EntryPart> entries(Step step) {
        Fraction bar = step.meter().bar();
        Fraction beat = step.meter().lengthOf(1);
        List<EntryPart> entries = new ArrayList<>();
        entries.add(new EntryPart(null, null, "together"));
        for (int bars = 1; bars <= 4; bars++) entries.add(later(bar.times(bars), bar, beat));
        for (int beats = 1; beats < step.meter().beats(); beats++) entries.add(later(beat.times(beats), bar, beat));
        for (int notes = 1; notes <= 4; notes++) {
            entries.add(new EntryPart(null, notes, Words.counted(notes, "note") + " later"));
        }
        return entries;
    }

    private static EntryPart later(Fraction by, Fraction bar, Fraction beat) {
        return new EntryPart(by.toString(), null, new Entry.Later(by).inWords(bar, beat));
    }
}
