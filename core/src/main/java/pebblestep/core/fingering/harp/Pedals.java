package pebblestep.core.fingering.harp;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pebblestep.core.Words;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.pitch.Letter;
import pebblestep.core.pitch.NoteName;

/**
 * The pedals of a harp: one for each letter, in one of three notches, that alters its strings in every octave. The left foot has D C B, the
 * right foot E F G A (common practice, no source).
 *
 * @param start where each pedal stands as the line begins
 * @param changes which pedals move on the way, in order
 * @param beyond notes that no notch gives, as a double sharp, in order and each once
 */
public record Pedals(Map<Letter, Integer> start, List<Change> changes, List<NoteName> beyond) {
    /** The pedals from left to right, as they stand in front of the player. */
    public static final List<Letter> IN_ORDER =
            List.of(Letter.D, Letter.C, Letter.B, Letter.E, Letter.F, Letter.G, Letter.A);

    /** How many of them belong to the left foot. */
    public static final int LEFT = 3;

    private static final String HARP = "harp";

    /**
     * A pedal that moves before a note.
     *
     * @param note the index of the note for which it moves
     * @param to the name that its strings have from there on
     */
    public record Change(int note, NoteName to) {
        /** Whether the left foot moves it. */
        public boolean isLeft() {
            return IN_ORDER.indexOf(to.letter()) < LEFT;
        }
    }

    public Pedals {
        start = new LinkedHashMap<>(start);
        changes = List.copyOf(changes);
        beyond = List.copyOf(beyond);
    }

    /** Whether an instrument has pedals like these. */
    public static boolean areOf(Instrument instrument) {
        return instrument.fingeredLike().equals(HARP);
    }

    /**
     * The pedals for a line. Each stands as its letter is first played; letters that are not played stand as the key has them.
     *
     * @param line the written notes in order
     * @param signature how the key has each letter
     */
    public static Pedals of(List<NoteName> line, List<NoteName> signature) {
        Map<Letter, Integer> first = new HashMap<>();
        signature.forEach(name -> first.put(name.letter(), name.alteration()));
        Map<Letter, Integer> played = new EnumMap<>(Letter.class);
        List<NoteName> beyond = new ArrayList<>();
        for (NoteName name : line) {
            if (isBeyond(name)) {
                if (!beyond.contains(name)) beyond.add(name);
            } else played.putIfAbsent(name.letter(), name.alteration());
        }
        first.putAll(played);
        Map<Letter, Integer> start = new LinkedHashMap<>();
        IN_ORDER.forEach(letter -> start.put(letter, Math.max(-1, Math.min(1, first.getOrDefault(letter, 0)))));
        return new Pedals(start, changes(line, new HashMap<>(start)), beyond);
    }

    private static List<Change> changes(List<NoteName> line, Map<Letter, Integer> now) {
        List<Change> changes = new ArrayList<>();
        for (int i = 0; i < line.size(); i++) {
            NoteName name = line.get(i);
            if (isBeyond(name) || Integer.valueOf(name.alteration()).equals(now.get(name.letter()))) continue;
            now.put(name.letter(), name.alteration());
            changes.add(new Change(i, name));
        }
        return changes;
    }

    private static boolean isBeyond(NoteName name) {
        return Math.abs(name.alteration()) > 1;
    }

    /** As it is written down: {@code D♮ C♯ B♮ | E♮ F♯ G♮ A♮}. */
    public String inWords() {
        List<String> names = new ArrayList<>();
        start.forEach((letter, alteration) -> names.add(letter + sign(alteration)));
        return String.join(" ", names.subList(0, LEFT)) + " | " + String.join(" ", names.subList(LEFT, names.size()));
    }

    /** What moves on the way, in a sentence; that nothing does where that is so. */
    public String onTheWay() {
        if (changes.isEmpty()) return "No pedal moves on the way.";
        List<String> said = changes.stream()
                .map(change -> change.to().letter() + sign(change.to().alteration()))
                .distinct()
                .toList();
        long left = changes.stream().filter(Change::isLeft).count();
        String feet = left == 0 ? "the right foot" : left == changes.size() ? "the left foot" : "both feet";
        return Words.capital(Words.spelled(changes.size(), "pedal change")) + " on the way, by " + feet + ": "
                + Words.list(said) + ".";
    }

    private static String sign(int alteration) {
        return alteration < 0 ? "♭" : alteration > 0 ? "♯" : "♮";
    }
}
