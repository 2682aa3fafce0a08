package pebblestep.app.accounts;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.ValueNames;
import pebblestep.core.rhythm.WordRhythm;
import pebblestep.core.scale.SixAccidentals;

/**
 * What teachers do differently: said once for the studio. Settings that are not said are the usual ones.
 *
 * @param sixAccidentals how a key of six accidentals is spelled
 * @param counting how places are counted aloud
 * @param valueNames in which words note values are named
 * @param words figures that are spoken as words; the usual ones without
 * @param keepYears for how many years practice is kept of what is over; for ever without
 */
public record Settings(
        @Nullable SixAccidentals sixAccidentals,
        @Nullable CountSchool counting,
        @Nullable ValueNames valueNames,
        @Nullable @Size(max = 100, message = "A studio has at most 100 words.") List<@Valid @NotNull Word> words,
        @Nullable
                @Min(value = 1, message = "What is over is kept for a year at least.")
                @Max(value = 20, message = "What is over is kept for 20 years at most, or for ever.")
                Integer keepYears) {
    /** What a studio has that has chosen nothing. */
    static final Settings NOTHING = new Settings(null, null, null, null, null);

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
                words == null
                        ? WordRhythm.usual().stream().map(Word::of).toList()
                        : words.stream()
                                .map(word -> Word.of(new WordRhythm(word.word.strip(), Figure.ofCycle(word.figure))))
                                .toList(),
                keepYears);
    }

    /** How the studio talks. */
    public Speech speech() {
        return new Speech(
                counting == null ? CountSchool.NUMBERS : counting,
                valueNames == null ? ValueNames.AMERICAN : valueNames);
    }

    /** How six accidentals are spelled. */
    public SixAccidentals six() {
        return sixAccidentals == null ? SixAccidentals.BY_INTERVAL : sixAccidentals;
    }
}
