package pebblestep.core.rhythm;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import pebblestep.core.Identified;
import pebblestep.core.Parts;

/**
 * A simple drum pattern to practise with instead of clicks: what is struck within one beat, by the part that the beat
 * plays in its bar. All of them are our own. Each stands in any meter, because a beat divides in two or in three by
 * itself.
 */
public enum Groove implements Identified {
    /** Low and high in turn, with a soft one between. */
    WALK(
            "low and high in turn",
            Map.of(Part.FIRST, "X... / x.x.", Part.BACK, ".... / x.x. / X...", Part.ONWARD, "x... / x.x."),
            Map.of(Part.FIRST, "X.. / x.x", Part.BACK, "... / x.x / X..", Part.ONWARD, "x.. / x.x")),
    /** Small even strokes all along. */
    FERRY(
            "small even strokes",
            Map.of(Part.FIRST, "X... / xxxx", Part.BACK, ".... / xxxx / x...", Part.ONWARD, "..x. / xxxx"),
            Map.of(Part.FIRST, "X.. / xxx", Part.BACK, "... / xxx / x..", Part.ONWARD, "..x / xxx")),
    /** As if the bar had half its beats: low at its head, high from the third beat on. */
    TIDE(
            "slow, at half the pace",
            Map.of(Part.FIRST, "X... / x...", Part.BACK, ".... / x...", Part.ONWARD, ".... / x... / X..."),
            Map.of(Part.FIRST, "X.. / x..", Part.BACK, "... / x..", Part.ONWARD, "... / x.. / X..")),
    /** A low stroke on every beat, pulled by a short one before the next. */
    OARS(
            "every beat pulled by a short one",
            Map.of(Part.FIRST, "X... / ...x", Part.BACK, "x... / .... / ...x", Part.ONWARD, "x... / ...x"),
            Map.of(Part.FIRST, "X.. / ..x", Part.BACK, "x.. / ... / ..x", Part.ONWARD, "x.. / ..x"));

    /** What is struck, in the order in which patterns name them. */
    public enum Drum implements Identified {
        LOW,
        SOFT,
        HIGH
    }

    /** The part that a beat plays in its bar: its head, the beats that answer (2, 4, ...), or those that lead on (3, 5, ...). */
    public enum Part {
        FIRST,
        BACK,
        ONWARD;

        /** The part of a beat counted from 1. */
        public static Part of(int beat) {
            if (beat == 1) return FIRST;
            return beat % 2 == 0 ? BACK : ONWARD;
        }
    }

    /**
     * A stroke within a beat.
     *
     * @param share of the beat, from 0
     * @param drum what is struck
     * @param strong whether it is struck strongly
     */
    public record Stroke(Fraction share, Drum drum, boolean strong) {}

    private final String words;
    private final Map<Part, String> binary;
    private final Map<Part, String> ternary;

    Groove(String words, Map<Part, String> binary, Map<Part, String> ternary) {
        this.words = words;
        this.binary = binary;
        this.ternary = ternary;
    }

    /** In words. */
    public String words() {
        return words;
    }

    /** The strokes of a beat that is divided into two. */
    public List<Stroke> inTwo(Part part) {
        return strokes(part, binary);
    }

    /** The strokes of a beat that is divided into three. */
    public List<Stroke> inThree(Part part) {
        return strokes(part, ternary);
    }

    /**
     * The strokes of a beat, by drum and then in time. A pattern has a word for each drum, cut into as many parts as it
     * has letters: a dot is nothing, {@code x} a stroke, {@code X} a strong one.
     */
    private static List<Stroke> strokes(Part part, Map<Part, String> patterns) {
        List<String> words = Parts.of(Objects.requireNonNull(patterns.get(part)), " / ");
        List<Stroke> strokes = new ArrayList<>();
        for (int drum = 0; drum < words.size(); drum++) {
            for (int i = 0; i < words.get(drum).length(); i++) {
                char letter = words.get(drum).charAt(i);
                if (letter == '.') continue;
                Fraction share = Fraction.of(i, words.get(drum).length());
                strokes.add(new Stroke(share, Drum.values()[drum], letter == 'X'));
            }
        }
        return List.copyOf(strokes);
    }
}
