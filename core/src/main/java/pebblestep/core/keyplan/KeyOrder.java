package pebblestep.core.keyplan;

import java.util.List;
import java.util.stream.Stream;
import pebblestep.core.pitch.NoteName;

/** Orders of the twelve keys. */
public final class KeyOrder {
    private static final List<NoteName> FOURTHS = Stream.of(
                    "C", "F", "Bb", "Eb", "Ab", "Db", "Gb", "B", "E", "A", "D", "G")
            .map(NoteName::parse)
            .toList();

    private KeyOrder() {}

    /** By fourths from C, the usual order (common practice, no source): every sound once, fewest accidentals. */
    public static List<NoteName> fourths() {
        return FOURTHS;
    }
}
