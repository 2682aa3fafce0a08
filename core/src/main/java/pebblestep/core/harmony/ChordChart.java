package pebblestep.core.harmony;

import java.util.ArrayList;
import java.util.List;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.Interval;

/**
 * Chords as a teacher types them over bars: {@code Dm7 | G7 | C C/E | %}. Bar lines part the bars, chords of a bar share it
 * evenly, and % plays the bar before once more.
 *
 * @param text as it was typed
 * @param bars the chords of each bar, in order, never empty
 */
public record ChordChart(String text, List<List<ChordSymbol>> bars) {
    private static final int MOST_BARS = 128;
    private static final int MOST_IN_BAR = 4;
    private static final int MOST_TEXT = 1500;

    public ChordChart {
        bars = bars.stream().map(List::copyOf).toList();
    }

    /** Reads typed chords; refuses anything else with the character (from 1) at which it stops being readable. */
    public static ChordChart parse(String text) {
        if (text.length() > MOST_TEXT)
            throw wrong(MOST_TEXT, "At most " + MOST_TEXT + " characters of chords are read.");
        List<List<ChordSymbol>> bars = new ArrayList<>();
        int at = 0;
        while (at < text.length()) {
            int end = text.indexOf('|', at);
            if (end < 0) end = text.length();
            if (!text.substring(at, end).isBlank()) bars.add(bar(text, at, end, bars));
            else if (at > 0 && end < text.length())
                throw wrong(at + 1, "This bar is empty; % plays the one before again.");
            if (bars.size() > MOST_BARS) throw wrong(at + 1, "At most " + MOST_BARS + " bars of chords are read.");
            at = end + 1;
        }
        if (bars.isEmpty()) throw wrong(1, "Type at least one chord.");
        return new ChordChart(text, bars);
    }

    private static List<ChordSymbol> bar(String text, int from, int to, List<List<ChordSymbol>> before) {
        List<ChordSymbol> chords = new ArrayList<>();
        int at = from;
        while (at < to) {
            if (Character.isWhitespace(text.charAt(at))) {
                at++;
                continue;
            }
            int end = at;
            while (end < to && !Character.isWhitespace(text.charAt(end))) end++;
            String word = text.substring(at, end);
            if (word.equals("%")) {
                if (before.isEmpty()) throw wrong(at + 1, "% repeats the bar before, and there is none.");
                if (!chords.isEmpty() || !text.substring(end, to).isBlank()) {
                    throw wrong(at + 1, "% stands alone in its bar.");
                }
                return before.get(before.size() - 1);
            }
            chords.add(chord(word, at));
            if (chords.size() > MOST_IN_BAR) throw wrong(at + 1, "A bar has at most " + MOST_IN_BAR + " chords.");
            at = end;
        }
        return chords;
    }

    private static ChordSymbol chord(String word, int at) {
        try {
            return ChordSymbol.parse(word);
        } catch (Refusal e) {
            Refusal refusal = wrong(at + e.position().orElse(1), e.getMessage());
            throw e.fits().map(refusal::fits).orElse(refusal);
        }
    }

    private static Refusal wrong(int character, String sentence) {
        return Refusal.of("company.symbols", "At character " + character + ": " + sentence)
                .at(character);
    }

    /** These chords an interval away. */
    public ChordChart transposed(Interval by) {
        List<List<ChordSymbol>> moved = bars.stream()
                .map(bar -> bar.stream().map(chord -> chord.transposed(by)).toList())
                .toList();
        return new ChordChart(written(moved), moved);
    }

    private static String written(List<List<ChordSymbol>> bars) {
        return String.join(
                " | ",
                bars.stream()
                        .map(bar -> String.join(
                                " ", bar.stream().map(ChordSymbol::id).toList()))
                        .toList());
    }

    /** As it was typed; {@link #parse} reads it. */
    @Override
    public String toString() {
        return text;
    }
}
