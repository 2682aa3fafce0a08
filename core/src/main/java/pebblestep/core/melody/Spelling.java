package pebblestep.core.melody;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

/**
 * Names for notes of which only the sound is known: as the major key has them to which most of them belong, the others on the
 * plain letter or as they are commonly named (common practice, no source).
 */
public final class Spelling {
    private static final int MOST_SIGNS = 6;
    private static final int OCTAVE = 12;

    private Spelling() {}

    /**
     * The pitches of MIDI note numbers.
     *
     * @param fifths the signature that goes with them: sharps, or flats where negative; found by counting without
     */
    public static List<Pitch> of(List<Integer> sounds, @Nullable Integer fifths) {
        Key key = fifths == null ? byCounting(sounds) : major(fifths);
        Map<Integer, NoteName> names = new HashMap<>();
        for (NoteName name : key.notes(Direction.UP)) names.put(name.pitchClass(), name);
        List<Pitch> pitches = new ArrayList<>();
        for (int midi : sounds) {
            NoteName own = names.get(Math.floorMod(midi, OCTAVE));
            Pitch common = Pitch.commonlyNamed(midi);
            pitches.add(own == null ? common : near(own, common));
        }
        return pitches;
    }

    /** A name at the sound of a pitch: C flat 5 is B 4. */
    private static Pitch near(NoteName name, Pitch sound) {
        for (int octave = sound.octave() - 1; octave <= sound.octave() + 1; octave++) {
            Pitch pitch = Pitch.of(name, octave);
            if (pitch.midi() == sound.midi()) return pitch;
        }
        return sound;
    }

    private static Key byCounting(List<Integer> sounds) {
        List<Key> keys = new ArrayList<>();
        for (int fifths = -MOST_SIGNS; fifths <= MOST_SIGNS; fifths++) keys.add(major(fifths));
        return keys.stream()
                .min(Comparator.comparing((Key key) -> -belonging(key, sounds))
                        .thenComparing(key -> key.signature().accidentals())
                        .thenComparing(key -> key.signature().fifths()))
                .orElseThrow();
    }

    private static long belonging(Key key, List<Integer> sounds) {
        Set<Integer> classes = new HashSet<>();
        for (NoteName name : key.notes(Direction.UP)) classes.add(name.pitchClass());
        return sounds.stream()
                .filter(midi -> classes.contains(Math.floorMod(midi, OCTAVE)))
                .count();
    }

    private static Key major(int fifths) {
        return Key.of(NoteName.onFifths(fifths), Forms.of("major"));
    }
}
