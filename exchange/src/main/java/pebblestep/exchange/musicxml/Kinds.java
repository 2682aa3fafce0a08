package pebblestep.exchange.musicxml;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * Chords by the kinds that MusicXML 4.0 has (its kind-value type): each of ours as a kind and, where there is none of its own,
 * with one degree added. Added degrees are counted from a dominant chord, as the standard has it.
 */
final class Kinds {
    /** One row a chord: symbol, or - for a major triad; kind; an added degree and its alteration, or nothing. */
    private static final String DATA =
            """
            - major
            m minor
            dim diminished
            aug augmented
            maj7 major-seventh
            7 dominant
            m7 minor-seventh
            m7b5 half-diminished
            dim7 diminished-seventh
            mMaj7 major-minor
            6 major-sixth
            m6 minor-sixth
            add9 major 9 0
            madd9 minor 9 0
            sus4 suspended-fourth
            sus2 suspended-second
            7sus4 suspended-fourth 7 0
            9 dominant-ninth
            maj9 major-ninth
            m9 minor-ninth
            7b9 dominant 9 -1
            13 dominant-13th
            maj13 major-13th
            m13 minor-13th
            """;

    private static final Map<String, Entry> BY_SYMBOL = read();

    private Kinds() {}

    /** A degree added to a kind. */
    record Added(int degree, int alter) {}

    /** A kind, and what is added to it. */
    record Entry(String kind, Optional<Added> added) {}

    /** The kind of a chord of ours by its symbol. */
    static Entry of(String symbol) {
        Entry entry = BY_SYMBOL.get(symbol);
        if (entry == null) throw new IllegalArgumentException("No kind for the chord \"" + symbol + "\"");
        return entry;
    }

    /** The symbol of a kind with what is added to it; empty for one that is not carried. */
    static Optional<String> symbol(Entry entry) {
        return BY_SYMBOL.entrySet().stream()
                .filter(one -> one.getValue().equals(entry))
                .map(Map.Entry::getKey)
                .findFirst();
    }

    private static Map<String, Entry> read() {
        Map<String, Entry> map = new LinkedHashMap<>();
        DATA.lines().forEach(line -> {
            String[] cells = line.split(" ");
            Optional<Added> added = cells.length < 4
                    ? Optional.empty()
                    : Optional.of(new Added(Integer.parseInt(cells[2]), Integer.parseInt(cells[3])));
            map.put(cells[0].equals("-") ? "" : cells[0], new Entry(cells[1], added));
        });
        return map;
    }
}
