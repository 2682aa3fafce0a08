package pebblestep.core.harmony;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Chords as notes near each other: four notes in close position, and from each chord to the next the way that moves least,
 * all of the way taken together.
 */
public final class Voicings {
    private static final int NOTES = 4;
    private static final int OCTAVE = 12;

    /** Where the lowest of the four may lie: from E3 to below E4, so that a bass has room beneath and a line above. */
    private static final int LOWEST = 52;

    /** Around which the first chord of several lies when two move alike: between middle C and the F above. */
    private static final int MIDDLE = 62;

    private Voicings() {}

    /** The notes of each chord as MIDI numbers, lowest first; as many lists as chords. */
    public static List<List<Integer>> of(List<ChordSymbol> chords) {
        if (chords.isEmpty()) return List.of();
        List<List<List<Integer>>> choices =
                chords.stream().map(Voicings::choices).toList();
        int[][] cost = new int[chords.size()][];
        int[][] from = new int[chords.size()][];
        for (int chord = 0; chord < chords.size(); chord++) {
            List<List<Integer>> own = choices.get(chord);
            cost[chord] = new int[own.size()];
            from[chord] = new int[own.size()];
            for (int i = 0; i < own.size(); i++) {
                if (chord == 0) cost[0][i] = 0;
                else reach(cost, from, choices, chord, i);
            }
        }
        return path(choices, cost[chords.size() - 1], from);
    }

    /** How far four notes move to the next four, each to the one at its place, in semitones. */
    public static int movement(List<Integer> before, List<Integer> after) {
        return IntStream.range(0, before.size())
                .map(i -> Math.abs(before.get(i) - after.get(i)))
                .sum();
    }

    private static void reach(int[][] cost, int[][] from, List<List<List<Integer>>> choices, int chord, int i) {
        List<List<Integer>> before = choices.get(chord - 1);
        int best = Integer.MAX_VALUE;
        for (int j = 0; j < before.size(); j++) {
            int there = cost[chord - 1][j]
                    + movement(before.get(j), choices.get(chord).get(i));
            if (there < best) {
                best = there;
                from[chord][i] = j;
            }
        }
        cost[chord][i] = best;
    }

    /** The cheapest way back from the last chord; of ways that cost the same, the one that ends nearest the middle. */
    private static List<List<Integer>> path(List<List<List<Integer>>> choices, int[] last, int[][] from) {
        List<List<Integer>> ends = choices.get(choices.size() - 1);
        int at = IntStream.range(0, last.length)
                .boxed()
                .min(Comparator.<Integer>comparingInt(i -> last[i]).thenComparingInt(i -> fromMiddle(ends.get(i))))
                .orElseThrow();
        List<List<Integer>> way = new ArrayList<>();
        for (int chord = choices.size() - 1; chord >= 0; chord--) {
            way.add(choices.get(chord).get(at));
            at = from[chord][at];
        }
        Collections.reverse(way);
        return List.copyOf(way);
    }

    private static int fromMiddle(List<Integer> notes) {
        return Math.abs(notes.stream().mapToInt(Integer::intValue).sum() - NOTES * MIDDLE);
    }

    /** Every close position of a chord that begins in the octave of the left hand's top. */
    private static List<List<Integer>> choices(ChordSymbol chord) {
        List<Integer> classes = classes(chord);
        List<List<Integer>> choices = new ArrayList<>();
        for (int lowest = LOWEST; lowest < LOWEST + OCTAVE; lowest++) {
            if (classes.contains(lowest % OCTAVE)) choices.add(stacked(lowest, classes));
        }
        return choices;
    }

    /** From a note up, each next note of the chord that is nearest; a triad comes back to where it began. */
    private static List<Integer> stacked(int lowest, List<Integer> classes) {
        List<Integer> notes = new ArrayList<>();
        for (int midi = lowest; notes.size() < NOTES; midi++) {
            if (classes.contains(midi % OCTAVE)) notes.add(midi);
        }
        return List.copyOf(notes);
    }

    /** The sounds that are played, at most four: of larger chords the fifth goes first, then the root, which the bass has. */
    private static List<Integer> classes(ChordSymbol chord) {
        List<Integer> classes = new ArrayList<>(chord.quality().tones().stream()
                .map(tone -> Math.floorMod(chord.root().pitchClass() + tone.semitones(), OCTAVE))
                .toList());
        if (classes.size() > NOTES) classes.remove(2);
        if (classes.size() > NOTES) classes.remove(0);
        return classes;
    }
}
