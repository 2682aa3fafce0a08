package pebblestep.core.fingering.keyboard;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Parts;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;

/**
 * The usual fingering of straight scales and broken chords on a keyboard, as handbooks of scales have it (from memory): by tonic and
 * form, for each hand the finger of each degree, and the one with which a scale begins or ends outside the pattern.
 */
final class KeyboardTable {
    /**
     * One row: tonics; semitones of the scale above its tonic, of several scales that are fingered alike; right hand by degree, and what its highest note takes; left hand by
     * degree, and what its lowest takes. A tonic may begin the right hand with another finger: behind a comma.
     */
    private static final String DATA =
            """
            C G D A E; 0 2 4 5 7 9 11; 1 2 3 1 2 3 4, 5; 1 4 3 2 1 3 2, 5
            F; 0 2 4 5 7 9 11 / 0 2 3 5 7 8 11 / 0 2 3 5 7 8 10 / 0 2 3 5 7 9 11; 1 2 3 4 1 2 3, 4; 1 4 3 2 1 3 2, 5
            Bb; 0 2 4 5 7 9 11; 4 1 2 3 1 2 3, 4, 2; 3 2 1 4 3 2 1, 3
            Eb; 0 2 4 5 7 9 11; 3 1 2 3 4 1 2, 3; 3 2 1 4 3 2 1, 3
            Ab; 0 2 4 5 7 9 11; 3 4 1 2 3 1 2, 3; 3 2 1 4 3 2 1, 3
            Db C#; 0 2 4 5 7 9 11; 2 3 1 2 3 4 1, 2; 3 2 1 4 3 2 1, 3
            Gb F#; 0 2 4 5 7 9 11; 2 3 4 1 2 3 1, 2; 4 3 2 1 3 2 1, 4
            B Cb; 0 2 4 5 7 9 11; 1 2 3 1 2 3 4, 5; 1 3 2 1 4 3 2, 4
            A E D G C; 0 2 3 5 7 8 11 / 0 2 3 5 7 8 10 / 0 2 3 5 7 9 11; 1 2 3 1 2 3 4, 5; 1 4 3 2 1 3 2, 5
            B; 0 2 3 5 7 8 11 / 0 2 3 5 7 8 10 / 0 2 3 5 7 9 11; 1 2 3 1 2 3 4, 5; 1 3 2 1 4 3 2, 4
            F#; 0 2 3 5 7 8 11 / 0 2 3 5 7 8 10; 3 4 1 2 3 1 2, 3; 4 3 2 1 3 2 1, 4
            C#; 0 2 3 5 7 8 11 / 0 2 3 5 7 8 10; 3 4 1 2 3 1 2, 3; 3 2 1 4 3 2 1, 3
            G# Ab; 0 2 3 5 7 8 11 / 0 2 3 5 7 9 11; 3 4 1 2 3 1 2, 3; 3 2 1 4 3 2 1, 3
            Eb D#; 0 2 3 5 7 8 11 / 0 2 3 5 7 8 10 / 0 2 3 5 7 9 11; 3 1 2 3 4 1 2, 3; 2 1 4 3 2 1 3, 2
            Bb A#; 0 2 3 5 7 8 11 / 0 2 3 5 7 8 10 / 0 2 3 5 7 9 11; 4 1 2 3 1 2 3, 4, 2; 2 1 3 2 1 4 3, 2
            G# Ab; 0 2 3 5 7 8 10; 3 4 1 2 3 1 2, 3; 3 2 1 3 2 1 4, 3
            F#; 0 2 3 5 7 9 11; 2 3 1 2 3 4 1, 2; 4 3 2 1 3 2 1, 4
            C#; 0 2 3 5 7 9 11; 2 3 1 2 3 4 1, 2; 3 2 1 4 3 2 1, 3
            C F G; 0 4 7; 1 2 3, 5; 1 4 2, 5
            D E A B Gb F#; 0 4 7; 1 2 3, 5; 1 3 2, 5
            Db C# Eb Ab; 0 4 7; 4 1 2, 4; 2 1 4, 2
            Bb; 0 4 7; 4 1 2, 4; 3 2 1, 3
            A D E G C F B Eb D#; 0 3 7; 1 2 3, 5; 1 4 2, 5
            C# F# G# Ab; 0 3 7; 4 1 2, 4; 2 1 4, 2
            Bb A#; 0 3 7; 2 3 1, 2; 3 2 1, 3
            C D E F G A B; 0 4 7 10 / 0 3 7 10 / 0 4 7 11 / 0 3 6 10 / 0 3 6 9; 1 2 3 4, 5; 1 4 3 2, 5
            Bb; 0 4 7 10; 4 1 2 3, 4; 3 2 1 4, 3
            Eb Ab; 0 4 7 10; 4 1 2 3, 4; 2 1 4 3, 2
            F# Gb; 0 4 7 10; 2 3 4 1, 2; 4 3 2 1, 4
            """;

    /** The chromatic scale: 3 on black keys, 1 on white ones, and 2 where two white ones meet. */
    private static final int[] CHROMATIC_RIGHT = {2, 3, 1, 3, 1, 2, 3, 1, 3, 1, 3, 1};

    private static final int[] CHROMATIC_LEFT = {1, 3, 1, 3, 2, 1, 3, 1, 3, 1, 3, 2};

    private static final int OCTAVE = 12;

    /** Between two notes of a chord of three, from its fifth to the next root. */
    private static final int WIDEST_STEP = 5;

    private record Fingers(List<Integer> byDegree, int outer, @Nullable Integer first) {
        static Fingers parse(String cell) {
            List<String> parts = Parts.of(cell, ",").stream().map(String::strip).toList();
            return new Fingers(
                    Parts.words(parts.get(0)).stream().map(Integer::valueOf).toList(),
                    Integer.parseInt(parts.get(1)),
                    parts.size() > 2 ? Integer.valueOf(parts.get(2)) : null);
        }
    }

    private record Row(List<Integer> scale, Fingers right, Fingers left) {}

    private static final Map<String, Row> ROWS = read();

    private KeyboardTable() {}

    private static Map<String, Row> read() {
        Map<String, Row> rows = new LinkedHashMap<>();
        for (String line : Parts.lines(DATA)) {
            List<String> cells = Parts.of(line, ";").stream().map(String::strip).toList();
            for (String semitones : Parts.of(cells.get(1), "/")) {
                List<Integer> scale = Parts.words(semitones.strip()).stream()
                        .map(Integer::valueOf)
                        .toList();
                Row row = new Row(scale, Fingers.parse(cells.get(2)), Fingers.parse(cells.get(3)));
                for (String tonic : Parts.words(cells.get(0))) rows.put(NoteName.parse(tonic) + " " + scale, row);
            }
        }
        return rows;
    }

    /**
     * The usual finger of each note of a straight scale or a broken chord that begins on its tonic and goes over whole octaves, also
     * one that comes down otherwise than it went up; empty for any other line.
     */
    static Optional<List<Integer>> of(List<Pitch> line, boolean right) {
        return straight(line, right).or(() -> upAndDown(line, right));
    }

    /** As a melodic minor goes: up by one row, and down by another. */
    private static Optional<List<Integer>> upAndDown(List<Pitch> line, boolean right) {
        if (line.isEmpty()) return Optional.empty();
        int top = line.indexOf(line.stream().max(Pitch::compareTo).orElseThrow());
        if (top == 0 || top == line.size() - 1) return Optional.empty();
        Optional<List<Integer>> up = straight(line.subList(0, top + 1), right);
        Optional<List<Integer>> down = straight(line.subList(top, line.size()), right);
        if (up.isEmpty() || down.isEmpty()) return Optional.empty();
        List<Integer> fingers = new ArrayList<>(up.get());
        fingers.addAll(down.get().subList(1, down.get().size()));
        return Optional.of(fingers);
    }

    private static Optional<List<Integer>> straight(List<Pitch> line, boolean right) {
        TreeSet<Integer> rising = new TreeSet<>();
        line.forEach(pitch -> rising.add(pitch.midi()));
        if (line.isEmpty() || (rising.last() - rising.first()) % OCTAVE != 0 || rising.size() < 2)
            return Optional.empty();
        if (!KeyboardRun.isStraight(line, WIDEST_STEP)) return Optional.empty();
        Pitch tonic = line.stream().min(Pitch::compareTo).orElseThrow();
        List<Integer> scale = rising.stream()
                .map(midi -> Math.floorMod(midi - tonic.midi(), OCTAVE))
                .distinct()
                .sorted()
                .toList();
        if (scale.size() == OCTAVE) return Optional.of(chromatic(line, right));
        Row row = ROWS.get(tonic.name() + " " + scale);
        if (row == null) return Optional.empty();
        return Optional.of(line.stream()
                .map(pitch -> finger(row, pitch.midi() - tonic.midi(), rising.last() - tonic.midi(), right))
                .toList());
    }

    private static int finger(Row row, int up, int top, boolean right) {
        int degree = row.scale.indexOf(Math.floorMod(up, OCTAVE));
        Fingers fingers = right ? row.right : row.left;
        if (right && up == top || !right && up == 0) return fingers.outer;
        if (right && up == 0 && fingers.first != null) return fingers.first;
        return fingers.byDegree.get(degree);
    }

    private static List<Integer> chromatic(List<Pitch> line, boolean right) {
        List<Integer> fingers = new ArrayList<>();
        for (Pitch pitch : line) {
            fingers.add((right ? CHROMATIC_RIGHT : CHROMATIC_LEFT)[Math.floorMod(pitch.midi(), OCTAVE)]);
        }
        return fingers;
    }

    /** Every tonic and scale that the table has, for what checks the rules against it. */
    static List<String> names() {
        return List.copyOf(ROWS.keySet());
    }
}
