package pebblestep.core.keyplan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import pebblestep.core.Identified;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

/** What a key brings with it: the major scale alone, or more of its family (common practice, no source). */
public enum FormSet implements Identified {
    MAJOR("major alone"),
    MAJOR_AND_RELATIVE("major and its relative minor"),
    MAJOR_AND_MINORS("major and the three minors of its relative"),
    WITH_ARPEGGIOS("major, its relative minor, and both arpeggios"),
    /** Whatever form the step has, on each tonic. */
    AS_GIVEN("the form of each step");

    private static final List<String> MINORS = List.of("natural-minor", "harmonic-minor", "melodic-minor");

    private final String words;

    FormSet(String words) {
        this.words = words;
    }

    /** In words. */
    public String words() {
        return words;
    }

    /**
     * The keys that a tonic brings, in the order of learning.
     *
     * @param given the form of the step, which counts where the set is as given
     */
    public List<Key> of(NoteName tonic, Form given) {
        return this == AS_GIVEN ? List.of(Key.readable(tonic, given)) : of(tonic);
    }

    private List<Key> of(NoteName tonic) {
        Key major = Key.of(tonic, Forms.of("major"));
        List<Key> keys = new ArrayList<>(List.of(major));
        if (this == MAJOR) return List.copyOf(keys);
        NoteName sixth = major.notes(Direction.UP).get(5);
        Stream<String> minors =
                this == MAJOR_AND_MINORS ? MINORS.stream() : MINORS.stream().limit(1);
        minors.map(minor -> key(sixth, minor)).flatMap(Optional::stream).forEach(keys::add);
        if (this == WITH_ARPEGGIOS) {
            keys.add(Key.of(tonic, Forms.of("major-triad")));
            key(sixth, "minor-triad").ifPresent(keys::add);
        }
        return List.copyOf(keys);
    }

    /** A key, where it can be spelled. */
    private static Optional<Key> key(NoteName tonic, String form) {
        try {
            return Optional.of(Key.of(tonic, Forms.of(form)));
        } catch (pebblestep.core.Refusal beyondSpelling) {
            return Optional.empty();
        }
    }
}
