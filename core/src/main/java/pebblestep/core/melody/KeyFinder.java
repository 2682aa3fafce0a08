package pebblestep.core.melody;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

/**
 * In which key a melody is, by counting: the major or minor key to which most of its notes belong, a minor one with its raised
 * seventh. Of keys with as many, the one of its signature, then the one on whose tonic it ends, then the one with fewest signs (common
 * practice, no source).
 */
public final class KeyFinder {
    private static final int SEVENTH = 6;

    /** A second key is told where it misses the first by no more than one note in so many. */
    private static final int CLOSE = 20;

    private KeyFinder() {}

    /**
     * A key, and how well it fits.
     *
     * @param notes how many notes belong to it
     * @param all of how many
     */
    public record Found(Key key, int notes, int all) {
        /** In words: {@code G major, 30 of 31 notes}. */
        public String inWords() {
            return key + ", " + (notes == all ? "all " + all : notes + " of " + all) + " notes";
        }
    }

    /** The keys of a melody, the likeliest first; a key that it says itself goes before all others. */
    public static List<Found> of(Melody melody) {
        List<Found> found = new ArrayList<>();
        for (int fifths = -7; fifths <= 7; fifths++) {
            NoteName tonic = NoteName.onFifths(fifths);
            Key major = Key.of(tonic, Forms.of("major"));
            found.add(counted(major, melody));
            major.relative().ifPresent(minor -> found.add(counted(minor, melody)));
        }
        NoteName last = melody.notes().get(melody.notes().size() - 1).pitch().name();
        found.sort(Comparator.comparing((Found one) -> melody.signed().equals(Optional.of(one.key())) ? 0 : 1)
                .thenComparing(one -> one.all() - one.notes())
                .thenComparing(one -> melody.fifths()
                        .map(fifths -> Math.abs(fifths - one.key().signature().fifths()))
                        .orElse(0))
                .thenComparing(one -> one.key().tonic().equals(last) ? 0 : 1)
                .thenComparing(one -> one.key().signature().accidentals())
                .thenComparing(one -> one.key().form().id()));
        return found;
    }

    /** The keys behind the first that fit nearly as well, the best of each tonic; as many as there are, at most three. */
    public static List<Found> close(List<Found> found) {
        Found best = found.get(0);
        return found.stream()
                .skip(1)
                .filter(one -> (best.notes() - one.notes()) * CLOSE <= best.all())
                .limit(3)
                .toList();
    }

    private static Found counted(Key key, Melody melody) {
        Set<NoteName> names = new HashSet<>(key.notes(Direction.UP));
        if (key.form().id().equals("natural-minor")) {
            names.add(key.notes(Direction.UP).get(SEVENTH).altered(1));
        }
        int notes = (int) melody.notes().stream()
                .filter(note -> names.contains(note.pitch().name()))
                .count();
        return new Found(key, notes, melody.notes().size());
    }
}
