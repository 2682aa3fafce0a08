package pebblestep.core.fingering.wind;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import pebblestep.core.Parts;
import pebblestep.core.fingering.Shape;
import pebblestep.core.pitch.Pitch;

/**
 * A chart of fingerings of a wind instrument. In its text a line that begins with {@code keys} says which finger presses which
 * keys; {@code T} is the left thumb, 1 to 3 and 4 to 6 are the fingers of the left and the right hand on their holes. A line
 * {@code instead} says a key that the same finger may press in place of another, but on some notes. Every other line is a way:
 * written note; what is pressed; and, where it is not the usual way, what it is called and what it is for. A line {@code half} says a
 * hole half closed and the hole; a line {@code school} names one that takes the ways of some kind for the usual ones; a line {@code chromatic} says
 * what the ways are called that are taught for some notes in a chromatic line; a line {@code unsure} names notes on which whoever wrote it down was not sure, and a line {@code with} says
 * what it is called when the left thumb changes together with other fingers.
 */
public final class Chart {
    /** What a way is called where a key is only kept down that changes nothing. */
    static final String HELD = "held";

    /** One way of a chart. */
    record Entry(List<String> pressed, String kind, String purpose) {}

    private final Map<String, String> fingers = new LinkedHashMap<>();
    private final Map<String, String> halves = new HashMap<>();
    private final List<String> with = new ArrayList<>();
    private final List<ChartSchool> schools = new ArrayList<>();
    private final Set<Integer> unsure = new HashSet<>();
    private final Map<Integer, String> chromatic = new HashMap<>();
    private final Map<Integer, List<Entry>> byMidi = new LinkedHashMap<>();

    /**
     * Reads a chart.
     *
     * @param up by how many semitones an instrument reads higher than the chart says
     */
    public Chart(String text, int up) {
        fingers.put("T", "left thumb");
        String[] names = {"first finger", "second finger", "third finger"};
        for (int i = 0; i < names.length; i++) {
            fingers.put(Integer.toString(i + 1), "left " + names[i]);
            fingers.put(Integer.toString(i + 4), "right " + names[i]);
        }
        List<List<String>> instead = new ArrayList<>();
        for (String line : Parts.lines(text)) {
            List<String> cells = Parts.of(line, ";").stream().map(String::strip).toList();
            switch (cells.getFirst()) {
                case "keys" -> Parts.words(cells.get(2)).forEach(key -> fingers.put(key, cells.get(1)));
                case "instead" -> instead.add(cells);
                case "with" -> with.add(cells.get(1));
                case "school" ->
                    schools.add(new ChartSchool(cells.get(1), cells.get(2), cells.size() > 3 ? cells.get(3) : ""));
                case "half" -> halves.put(cells.get(1), cells.get(2));
                case "chromatic" ->
                    Parts.words(cells.get(2))
                            .forEach(note -> chromatic.put(Pitch.parse(note).midi() + up, cells.get(1)));
                case "unsure" ->
                    Parts.words(cells.get(1))
                            .forEach(note -> unsure.add(Pitch.parse(note).midi() + up));
                default -> add(Pitch.parse(cells.getFirst()).midi() + up, entry(cells));
            }
        }
        instead.forEach(this::addInstead);
    }

    private static Entry entry(List<String> cells) {
        return new Entry(
                Parts.words(cells.get(1)), cells.size() > 2 ? cells.get(2) : "", cells.size() > 3 ? cells.get(3) : "");
    }

    private void add(int midi, Entry entry) {
        byMidi.computeIfAbsent(midi, any -> new ArrayList<>()).add(entry);
    }

    /** {@code instead; TB; T; thumb; B4 B5}: TB may be pressed in place of T, but on those notes. */
    private void addInstead(List<String> cells) {
        String key = cells.get(1);
        String other = cells.get(2);
        Set<Integer> not = new HashSet<>();
        Parts.words(cells.get(4)).forEach(note -> not.add(Pitch.parse(note).midi()));
        byMidi.forEach((midi, entries) -> {
            Entry usual = entries.getFirst();
            if (not.contains(midi) || !usual.pressed.contains(other)) return;
            List<String> pressed = usual.pressed.stream()
                    .map(one -> one.equals(other) ? key : one)
                    .toList();
            if (entries.stream().noneMatch(entry -> entry.pressed.equals(pressed))) {
                entries.add(new Entry(pressed, HELD, cells.get(3)));
            }
        });
    }

    /** The ways of a written note, the usual one first. */
    List<Entry> of(int midi) {
        return byMidi.getOrDefault(midi, List.of());
    }

    /** The schools that it knows, the usual one first; none where there is one. */
    public List<ChartSchool> schools() {
        return List.copyOf(schools);
    }

    /** Which finger presses a key. */
    String finger(String key) {
        String finger = fingers.get(key);
        if (finger == null) throw new IllegalArgumentException("No finger presses " + key + ".");
        return finger;
    }

    private static final List<String> FINGERS = List.of("T", "1", "2", "3", "4", "5", "6", "7");

    /** The holes of the instrument, as a way of it covers them. */
    List<Shape.Hole> holes(List<String> pressed) {
        return FINGERS.stream()
                .filter(this::isHole)
                .map(hole -> new Shape.Hole(hole, cover(hole, pressed)))
                .toList();
    }

    private boolean isHole(String name) {
        return FINGERS.contains(name)
                && byMidi.values().stream().flatMap(List::stream).anyMatch(entry -> entry.pressed.contains(name));
    }

    private Shape.Cover cover(String hole, List<String> pressed) {
        if (pressed.contains(hole)) return Shape.Cover.CLOSED;
        boolean half = pressed.stream().anyMatch(key -> hole.equals(halves.get(key)));
        return half ? Shape.Cover.HALF : Shape.Cover.OPEN;
    }

    /** The keys of a way, each with its finger. */
    List<Shape.Key> keys(List<String> pressed) {
        return pressed.stream()
                .filter(key -> !isHole(key) && !halves.containsKey(key))
                .map(key -> new Shape.Key(key, finger(key)))
                .toList();
    }

    /** Whether two keys are the same hole, once half and once wholly closed. */
    boolean isHalfOf(String one, String other) {
        return other.equals(halves.get(one)) || one.equals(halves.get(other));
    }

    /** What it is called when the left thumb changes together with other fingers. */
    String withThumb() {
        return with.isEmpty() ? "the thumb moves with the fingers" : with.getFirst();
    }

    /** Whether a way of that kind is the one that is taught for a note in a chromatic line. */
    boolean isChromatic(int midi, String kind) {
        return kind.equals(chromatic.get(midi));
    }

    /** Whether what it says of a note is not sure. */
    boolean isUnsure(int midi) {
        return unsure.contains(midi);
    }

    /** Every note of it. */
    Set<Integer> notes() {
        return byMidi.keySet();
    }
}
