package pebblestep.core.harmony;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pebblestep.core.Parts;
import pebblestep.core.pitch.Interval;
import pebblestep.core.scale.Degree;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Form;

/** The dictionary of chords: data in one place. To add a chord, add its row here. */
public final class ChordQualities {
    private static final int OCTAVE = 7;
    private static final String PLAIN = "-";

    /**
     * One row a chord: symbol, or - for the plain major triad; name; degrees above the root, 9 and 13 beyond the octave;
     * other ways of writing it, or -; the form played over it. As handbooks of harmony give them (common practice, no
     * source).
     */
    private static final String DATA =
            """
            -; major; 1 3 5; M maj; major
            m; minor; 1 b3 5; min mi -; dorian
            dim; diminished; 1 b3 b5; o °; locrian
            aug; augmented; 1 3 #5; +; whole-tone
            maj7; major seventh; 1 3 5 7; M7 Maj7 ma7 △7 △; major
            7; dominant seventh; 1 3 5 b7; dom7; mixolydian
            m7; minor seventh; 1 b3 5 b7; min7 mi7 -7; dorian
            m7b5; half-diminished; 1 b3 b5 b7; ø ø7 m7♭5 -7b5; locrian
            dim7; diminished seventh; 1 b3 b5 bb7; o7 °7; octatonic-whole-half
            mMaj7; minor with major seventh; 1 b3 5 7; m(maj7) mM7 mmaj7 -maj7 -M7; melodic-minor-same
            6; sixth; 1 3 5 6; maj6 M6; major
            m6; minor sixth; 1 b3 5 6; min6 -6; dorian
            add9; added ninth; 1 3 5 9; (add9) add2; major
            madd9; minor with added ninth; 1 b3 5 9; m(add9); dorian
            sus4; suspended fourth; 1 4 5; sus; mixolydian
            sus2; suspended second; 1 2 5; -; major
            7sus4; seventh with suspended fourth; 1 4 5 b7; 7sus; mixolydian
            9; ninth; 1 3 5 b7 9; -; mixolydian
            maj9; major ninth; 1 3 5 7 9; M9 Maj9; major
            m9; minor ninth; 1 b3 5 b7 9; min9 -9; dorian
            7b9; seventh with lowered ninth; 1 3 5 b7 b9; 7♭9; octatonic-half-whole
            13; thirteenth; 1 3 5 b7 9 13; -; mixolydian
            maj13; major thirteenth; 1 3 5 7 9 13; M13 Maj13; major
            m13; minor thirteenth; 1 b3 5 b7 9 13; min13 -13; dorian
            """;

    private static final List<ChordQuality> ALL = read();
    private static final Map<String, ChordQuality> BY_SYMBOL = bySymbol();

    private ChordQualities() {}

    /** Every kind, plain ones first. */
    public static List<ChordQuality> all() {
        return ALL;
    }

    /** The kind written so, in any of its ways; empty for one that is not carried. */
    public static Optional<ChordQuality> tryOf(String symbol) {
        return Optional.ofNullable(BY_SYMBOL.get(symbol));
    }

    /**
     * The chord on the tonic of a form: its seventh chord where it has one and that is asked for, else its triad. Empty
     * for forms without a chord of their own.
     */
    public static Optional<ChordQuality> of(Form form, boolean seventh) {
        List<Integer> places = form.chord();
        if (places.isEmpty()) return Optional.empty();
        List<Integer> wanted = seventh || form.isChord() ? places : places.subList(0, Math.min(3, places.size()));
        return sounding(wanted.stream()
                .map(place -> form.degrees(Direction.UP).get(place).semitones())
                .toList());
    }

    /** The first kind of exactly these semitones above the root. */
    private static Optional<ChordQuality> sounding(List<Integer> semitones) {
        return ALL.stream()
                .filter(one ->
                        one.tones().stream().map(Interval::semitones).toList().equals(semitones))
                .findFirst();
    }

    private static List<ChordQuality> read() {
        List<ChordQuality> all = new ArrayList<>();
        for (String line : Parts.lines(DATA)) {
            List<String> cells = Parts.of(line, ";").stream().map(String::strip).toList();
            all.add(new ChordQuality(
                    cells.get(0).equals(PLAIN) ? "" : cells.get(0),
                    cells.get(1),
                    Parts.words(cells.get(2)).stream()
                            .map(ChordQualities::interval)
                            .toList(),
                    cells.get(3).equals(PLAIN) ? List.of() : Parts.words(cells.get(3)),
                    cells.get(4)));
        }
        return List.copyOf(all);
    }

    /** A degree above the root, counted on beyond the octave. */
    private static Interval interval(String text) {
        int digits = 0;
        while (!Character.isDigit(text.charAt(digits))) digits++;
        int number = Integer.parseInt(text.substring(digits));
        Degree within = Degree.parse(text.substring(0, digits) + ((number - 1) % OCTAVE + 1));
        int octaves = (number - 1) / OCTAVE;
        return Interval.of(number - 1, within.semitones() + 12 * octaves);
    }

    private static Map<String, ChordQuality> bySymbol() {
        Map<String, ChordQuality> map = new LinkedHashMap<>();
        for (ChordQuality one : ALL) {
            map.put(one.symbol(), one);
            for (String other : one.others()) map.put(other, one);
        }
        return map;
    }
}
