package pebblestep.core.scale;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import pebblestep.core.Identified;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.NoteName;

/**
 * Orders of the twelve keys. An order that goes by an interval and comes back to where it began before all twelve are met
 * begins again a semitone higher, until they are (common practice, no source). Every order meets each of the twelve once
 * a round, whatever key it starts from.
 */
public enum KeyOrder implements Identified {
    FOURTHS("by fourths", 5),
    FIFTHS("by fifths", 7),
    SEMITONE_UP("up by semitones", 1),
    SEMITONE_DOWN("down by semitones", 11),
    WHOLE_STEP_UP("up by whole steps", 2),
    WHOLE_STEP_DOWN("down by whole steps", 10),
    MINOR_THIRDS("by minor thirds", 3),
    MAJOR_THIRDS("by major thirds", 4),
    /** C, then one flat and one sharp, two of each, and so on. */
    FEW_TO_MANY("from few accidentals to many", 0);

    /** By fourths from C: every sound once, in the spelling with fewest accidentals; six of them as flats. */
    private static final List<NoteName> BY_FOURTHS = Stream.of(
                    "C", "F", "Bb", "Eb", "Ab", "Db", "Gb", "B", "E", "A", "D", "G")
            .map(NoteName::parse)
            .toList();

    private static final int KEYS = 12;

    private final String words;
    private final int semitones;

    KeyOrder(String words, int semitones) {
        this.words = words;
        this.semitones = semitones;
    }

    /** By fourths from C, the usual order (common practice, no source). */
    public static List<NoteName> fourths() {
        return BY_FOURTHS;
    }

    /** In words. */
    public String words() {
        return words;
    }

    /** The twelve keys of a round, beginning with a key; that one keeps its own spelling. */
    public List<NoteName> from(NoteName start) {
        List<Integer> classes = this == FEW_TO_MANY ? fewToMany(start.pitchClass()) : cycles(start.pitchClass());
        List<NoteName> round =
                new ArrayList<>(classes.stream().map(KeyOrder::named).toList());
        round.set(0, start);
        return List.copyOf(round);
    }

    /** How many keys it meets before it comes back to the first: twelve by fourths, six by whole steps. */
    public int cycle() {
        int keys = 1;
        for (int at = semitones; at != 0 && this != FEW_TO_MANY; at = (at + semitones) % KEYS) keys++;
        return this == FEW_TO_MANY ? KEYS : keys;
    }

    private List<Integer> cycles(int start) {
        List<Integer> met = new ArrayList<>();
        int first = start;
        while (met.size() < KEYS) {
            for (int at = first; !met.contains(at); at = (at + semitones) % KEYS) met.add(at);
            first = (first + 1) % KEYS;
        }
        return met;
    }

    /** From C outwards on both sides, the flat side first; from another key on, the round begins there and comes back. */
    private static List<Integer> fewToMany(int start) {
        List<Integer> order = new ArrayList<>(List.of(0));
        for (int count = 1; count <= KEYS / 2; count++) {
            for (int fifths : count == KEYS / 2 ? new int[] {-count} : new int[] {-count, count}) {
                order.add(Math.floorMod(7 * fifths, KEYS));
            }
        }
        Collections.rotate(order, -order.indexOf(start));
        return order;
    }

    private static NoteName named(int pitchClass) {
        return BY_FOURTHS.stream()
                .filter(name -> name.pitchClass() == pitchClass)
                .findFirst()
                .orElseThrow();
    }

    /** These keys, and after them by fourths those of the twelve sounds that are not among them. */
    public static List<NoteName> completed(List<NoteName> keys) {
        List<NoteName> all = new ArrayList<>(keys);
        for (NoteName key : BY_FOURTHS) {
            if (keys.stream().noneMatch(one -> one.pitchClass() == key.pitchClass())) all.add(key);
        }
        return List.copyOf(all);
    }

    /** A teacher's own list; refuses an empty one, more than 48 keys, and one key twice. */
    public static List<NoteName> own(List<NoteName> tonics) {
        if (tonics.isEmpty() || tonics.size() > 4 * KEYS) {
            throw Refusal.of("keys", "A list of keys has 1 to " + 4 * KEYS + " of them.");
        }
        if (tonics.stream().distinct().count() < tonics.size()) {
            throw Refusal.of("keys", "A key stands twice in the list.").fits("Name each once.");
        }
        return List.copyOf(tonics);
    }
}
