package pebblestep.core.harmony;

import java.util.List;
import pebblestep.core.pitch.Interval;

/**
 * A kind of chord.
 *
 * @param symbol what stands behind the root: {@code maj7}; empty for a major triad
 * @param name the name in words
 * @param tones intervals from the root up, the root first
 * @param others other ways of writing the same
 * @param form id of the form that is played over it where nothing else is said
 */
public record ChordQuality(String symbol, String name, List<Interval> tones, List<String> others, String form) {
    public ChordQuality {
        tones = List.copyOf(tones);
        others = List.copyOf(others);
    }

    /** The symbol. */
    @Override
    public String toString() {
        return symbol;
    }
}
