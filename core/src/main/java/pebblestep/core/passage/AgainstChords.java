package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pebblestep.core.Words;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Speech;

/**
 * A line against the chords over it: which of the notes on strong beats belong to the chord that sounds there. Strong are the
 * first beat of a bar and, of four, the third (common practice, no source).
 *
 * @param strong notes on strong beats with a chord over them
 * @param outside those of them that the chord does not have
 */
public record AgainstChords(List<PassageNote> strong, List<PassageNote> outside) {
    private static final int FOUR = 4;

    public AgainstChords {
        strong = List.copyOf(strong);
        outside = List.copyOf(outside);
    }

    /** What a passage's line is against its chords. */
    public static AgainstChords of(Passage passage) {
        Harmony harmony = Harmony.of(passage);
        List<PassageNote> strong = new ArrayList<>();
        List<PassageNote> outside = new ArrayList<>();
        if (harmony.chords().isEmpty()) return new AgainstChords(strong, outside);
        for (PassageNote note : passage.notes()) {
            if (!isStrong(note.at(), passage.step().meter())) continue;
            Optional<Harmony.Over> over = harmony.at(note.at());
            if (over.isEmpty()) continue;
            strong.add(note);
            if (!over.get().concert().has(note.concert().name().pitchClass())) outside.add(note);
        }
        return new AgainstChords(strong, outside);
    }

    private static boolean isStrong(Fraction at, Meter meter) {
        Fraction in = at.mod(meter.bar());
        if (in.isZero()) return true;
        return meter.beats() == FOUR && in.equals(meter.positionOf(3));
    }

    /** In a sentence: {@code On strong beats 6 of 8 notes belong to the chord; F on beat 1 of bar 3 does not (over Cmaj7).} */
    public Optional<String> sentence(Passage passage, Speech speech) {
        if (strong.isEmpty()) return Optional.empty();
        String count = Words.counted(strong.size(), "note");
        if (outside.isEmpty()) {
            return Optional.of(
                    strong.size() == 1
                            ? "The one note on a strong beat belongs to its chord."
                            : "On strong beats all " + count + " belong to the chord.");
        }
        PassageNote first = outside.getFirst();
        Meter meter = passage.step().meter();
        String chord =
                Harmony.of(passage).at(first.at()).orElseThrow().written().toString();
        return Optional.of("On strong beats " + (strong.size() - outside.size()) + " of " + count
                + " belong to the chord; " + first.written().name() + " on "
                + Count.of(first.at(), meter).inWords(speech.school()) + " of bar " + meter.barOf(first.at())
                + " does not (over " + chord + ").");
    }
}
