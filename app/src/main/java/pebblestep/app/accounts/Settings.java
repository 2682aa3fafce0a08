package pebblestep.app.accounts;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.PlayersHand;
import pebblestep.core.fingering.UsualWay;
import pebblestep.core.fingering.instruments.InstrumentHands;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.Syllables;
import pebblestep.core.rhythm.ValueNames;
import pebblestep.core.rhythm.WordRhythm;
import pebblestep.core.scale.SixAccidentals;
import pebblestep.documents.Fields;

/**
 * What teachers do differently: said once for the studio. Settings that are not said are the usual ones.
 *
 * @param sixAccidentals how a key of six accidentals is spelled
 * @param counting how places are counted aloud
 * @param valueNames in which words note values are named
 * @param syllables which note is do
 * @param words figures that are spoken as words; the usual ones without
 * @param fingerings what the studio takes for the usual way of a note on an instrument, in place of what is known here
 * @param keepYears for how many years practice is kept of what is over; for ever without
 */
public record Settings(
        @Nullable SixAccidentals sixAccidentals,
        @Nullable CountSchool counting,
        @Nullable ValueNames valueNames,
        @Nullable Syllables syllables,
        @Nullable @Size(max = 100, message = "A studio has at most 100 words.") List<@Valid @NotNull Word> words,
        @Nullable @Size(max = MOST_FINGERINGS, message = "A studio changes at most {max} fingerings.")
                List<@Valid @NotNull UsualFingering> fingerings,
        @Nullable
                @Min(value = 1, message = "What is over is kept for a year at least.")
                @Max(value = 20, message = "What is over is kept for 20 years at most, or for ever.")
                Integer keepYears) {
    /** What a studio has that has chosen nothing. */
    static final Settings NOTHING = new Settings(null, null, null, null, null, null, null);

    private static final int MOST_FINGERINGS = 300;

    /** The way of a written pitch on an instrument that is carried, by their ids. */
    public record UsualFingering(
            @NotBlank(message = "Name the instrument.") @Size(max = 40, message = "Choose an instrument from the list.")
                    String instrument,
            @NotBlank(message = "Name the note.") @Size(max = 6, message = "Write a pitch such as F#4.") String pitch,
            @NotBlank(message = "Choose a fingering.") @Size(max = 80, message = "Choose one of the fingerings.")
                    String way) {
        /** Refuses an instrument without a hand, and a way that is none of the note. */
        private UsualFingering checked() {
            Pitch written = Fields.at("pitch", () -> Pitch.parse(pitch));
            Hand hand = InstrumentHands.of(Instruments.of(instrument))
                    .orElseThrow(() -> Refusal.of("instrument", "How this is fingered is not known here."));
            if (hand.ways(written).stream().noneMatch(one -> one.id().equals(way))) {
                throw Refusal.of("way", written + " has no such fingering on this instrument.")
                        .fits("Choose one of the ways that are shown for it.");
            }
            return new UsualFingering(instrument, written.id(), way);
        }

        /** Whether both are of the same sound on the same instrument. */
        boolean isFor(String other, Pitch note) {
            return instrument.equals(other) && Pitch.parse(pitch).midi() == note.midi();
        }
    }

    /** The same; refuses a usual fingering that its instrument does not have, and more of one instrument than are kept. What is kept already is read all the same, since a chart may change. */
    Settings checked() {
        @Nullable
        List<UsualFingering> all = fingerings == null
                ? null
                : fingerings.stream().map(UsualFingering::checked).toList();
        Map<String, Long> byInstrument = fingerings == null
                ? Map.of()
                : fingerings.stream().collect(Collectors.groupingBy(UsualFingering::instrument, Collectors.counting()));
        if (byInstrument.values().stream().anyMatch(many -> many > PlayersHand.MOST_USUAL)) {
            throw Refusal.of(
                            "fingerings",
                            "A studio changes at most " + PlayersHand.MOST_USUAL + " fingerings of an instrument.")
                    .fits("Take one of them back first.");
        }
        return new Settings(sixAccidentals, counting, valueNames, syllables, words, all, keepYears);
    }

    /** What the studio takes for the usual ways on an instrument, by whose hand it is fingered. */
    public List<UsualWay> usual(Instrument instrument) {
        if (fingerings == null) return List.of();
        return fingerings.stream()
                .filter(one -> one.instrument.equals(instrument.fingeredLike()))
                .map(one -> new UsualWay(Pitch.parse(one.pitch), one.way))
                .limit(PlayersHand.MOST_USUAL)
                .toList();
    }

    /** The same with one usual way more, in place of what was usual for that note; without a way nothing is any more. */
    Settings withUsual(String instrument, Pitch note, @Nullable String way) {
        List<UsualFingering> all = new ArrayList<>(fingerings == null ? List.of() : fingerings);
        all.removeIf(one -> one.isFor(instrument, note));
        if (way != null) all.add(new UsualFingering(instrument, note.id(), way));
        return new Settings(sixAccidentals, counting, valueNames, syllables, words, all, keepYears);
    }

    /** A word whose syllables, parted by hyphens, are the notes of a figure. */
    public record Word(
            @NotBlank(message = "Give the word.") @Size(max = 60, message = "A word has at most 60 characters.")
                    String word,
            @NotEmpty(message = "Give the figure.") @Size(max = 64, message = "A figure has at most 64 values.")
                    List<@NotNull @Size(max = 20) String> figure) {
        private static Word of(WordRhythm word) {
            return new Word(word.word(), word.figure().cycle());
        }
    }

    /** Everything said: what is missing is the usual. Refuses values that are not on offer, and words that do not fit. */
    public Settings complete() {
        return new Settings(
                six(),
                speech().school(),
                speech().names(),
                speech().syllables(),
                words == null
                        ? WordRhythm.usual().stream().map(Word::of).toList()
                        : words.stream()
                                .map(word -> Word.of(new WordRhythm(word.word.strip(), Figure.ofCycle(word.figure))))
                                .toList(),
                fingerings == null || fingerings.isEmpty() ? null : fingerings,
                keepYears);
    }

    /** How the studio talks. */
    public Speech speech() {
        return new Speech(
                counting == null ? CountSchool.NUMBERS : counting,
                valueNames == null ? ValueNames.AMERICAN : valueNames,
                syllables == null ? Syllables.TONIC : syllables);
    }

    /** How six accidentals are spelled. */
    public SixAccidentals six() {
        return sixAccidentals == null ? SixAccidentals.BY_INTERVAL : sixAccidentals;
    }
}
