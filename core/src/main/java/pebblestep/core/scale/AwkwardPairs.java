package pebblestep.core.scale;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pebblestep.core.pitch.NoteName;

/**
 * Finds neighbouring notes of a key that are worth alternating alone before the run (common practice, no source): both
 * sides of an augmented second; else the half steps at the newest accidental; in a key without accidentals its half
 * steps. A chord and an even pattern have none: their distances repeat.
 */
public final class AwkwardPairs {
    private static final int AUGMENTED_SECOND = 3;
    private static final int LETTERS = 7;

    private AwkwardPairs() {}

    /** Two neighbouring notes, the lower first, and why they are awkward. */
    public record Pair(NoteName lower, NoteName upper, String why) {}

    /** The awkward pairs of a key, as it goes up. */
    public static List<Pair> of(Key key) {
        List<NoteName> notes = key.notes(Direction.UP);
        if (key.form().size() < LETTERS || key.form().signatureFifths().isEmpty()) return List.of();
        List<Pair> pairs = new ArrayList<>();
        Optional<NoteName> newest = key.signature().newest();
        for (int i = 0; i < notes.size(); i++) {
            NoteName lower = notes.get(i);
            NoteName upper = notes.get((i + 1) % notes.size());
            if (semitones(lower, upper) == AUGMENTED_SECOND && lower.letter() != upper.letter()) {
                pairs.add(new Pair(lower, upper, "an augmented second apart"));
            }
        }
        if (!pairs.isEmpty()) return List.copyOf(pairs);
        for (int i = 0; i < notes.size(); i++) {
            NoteName lower = notes.get(i);
            NoteName upper = notes.get((i + 1) % notes.size());
            boolean atNewest =
                    newest.map(n -> n.equals(lower) || n.equals(upper)).orElse(true);
            if (semitones(lower, upper) == 1 && atNewest) {
                pairs.add(new Pair(
                        lower, upper, newest.isPresent() ? "the half step at " + newest.get() : "a half step"));
            }
        }
        return List.copyOf(pairs);
    }

    private static int semitones(NoteName lower, NoteName upper) {
        return Math.floorMod(upper.pitchClass() - lower.pitchClass(), 12);
    }
}
