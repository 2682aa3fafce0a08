package pebblestep.core.rhythm;

import java.util.List;
import pebblestep.core.Parts;
import pebblestep.core.Refusal;
import pebblestep.core.Words;

/**
 * A figure named with a word whose syllables match its notes, so that it can be spoken: {@code wa-ter-lil-y} for four
 * sixteenths.
 *
 * @param word the word, its syllables parted by hyphens
 * @param figure the figure it names
 */
public record WordRhythm(String word, Figure figure) {
    private static final int LONGEST = 60;

    /** Refuses words whose syllables are not as many as the notes of the figure. */
    public WordRhythm {
        if (word.isBlank() || word.length() > LONGEST) {
            throw Refusal.of("word", "A word has 1 to " + LONGEST + " characters.");
        }
        int syllables = syllables(word).size();
        int strikes = figure.slots().size();
        if (syllables != strikes) {
            throw Refusal.of(
                            "word",
                            "\"" + word + "\" has " + Words.counted(syllables, "syllable") + "; the figure has "
                                    + Words.counted(strikes, "note") + ".")
                    .fits("Part the syllables by hyphens, one for each note.");
        }
    }

    private static List<String> syllables(String word) {
        return Parts.words(word.replace('-', ' '));
    }

    /** Its syllables in order. */
    public List<String> syllables() {
        return syllables(word);
    }

    /** Words of our own to start with. */
    public static List<WordRhythm> usual() {
        return List.of(
                new WordRhythm("reed", Figure.ofCycle(List.of("1/4"))),
                new WordRhythm("peb-ble", Figure.ofCycle(List.of("1/8", "1/8"))),
                new WordRhythm("riv-er-bank", Figure.ofCycle(List.of("1/12", "1/12", "1/12"))),
                new WordRhythm("wa-ter-lil-y", Figure.ofCycle(List.of("1/16", "1/16", "1/16", "1/16"))),
                new WordRhythm("tide come in", Figure.ofCycle(List.of("1/8", "1/16", "1/16"))),
                new WordRhythm("o-ver sand", Figure.ofCycle(List.of("1/16", "1/16", "1/8"))),
                new WordRhythm("her-on", Figure.ofCycle(List.of("3/16", "1/16"))));
    }
}
