package pebblestep.core.fingering.words;

import java.util.Collection;
import java.util.Collections;
import java.util.HashSet;
import java.util.Set;
import pebblestep.core.fingering.search.Fingering;

/** What the lines that a hand has played have asked of it, in the words of {@link ShapeWords}. */
public record Learned(Set<String> words) {
    /** A hand that has played nothing. */
    public static final Learned NOTHING = new Learned(Set.of());

    public Learned {
        // An immutable set without entries divides by nought where the core is compiled for the page.
        words = Collections.unmodifiableSet(new HashSet<>(words));
    }

    /** What some lines have asked. */
    public static Learned of(Collection<Fingering> lines) {
        Set<String> all = new HashSet<>();
        lines.forEach(line -> addTo(all, line));
        return new Learned(all);
    }

    /** The same and what another line asks. */
    public Learned and(Fingering line) {
        Set<String> all = new HashSet<>(words);
        addTo(all, line);
        return new Learned(all);
    }

    private static void addTo(Set<String> all, Fingering line) {
        line.stops().forEach(stop -> ShapeWords.learned(stop.way().shape()).ifPresent(all::add));
    }

    /** Whether a hand has played nothing that had to be learned. */
    public boolean isNothing() {
        return words.isEmpty();
    }
}
