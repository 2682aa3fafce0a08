package pebblestep.core.fingering.keyboard;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import pebblestep.core.fingering.NoteToPlay;
import pebblestep.core.fingering.Way;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.fingering.search.SettledHand;
import pebblestep.core.pitch.Pitch;

/**
 * A straight run over an octave and more: what is played in one octave comes again in the next, in groups that each begin with the
 * thumb. The thumb keeps off the black keys as far as it can; of what is left the rules choose.
 */
final class KeyboardRun {
    private static final int OCTAVE = 12;
    private static final int MOST_STEP = 4;
    private static final int FEWEST = 5;
    private static final int LARGEST_GROUP = 4;

    private KeyboardRun() {}

    /** Whether every note is the neighbour of the one before among all that are played, no further than so many semitones, or the same. */
    static boolean isStraight(List<Pitch> line, int mostStep) {
        List<Integer> rising = List.copyOf(rising(line));
        for (int i = 1; i < line.size(); i++) {
            int by = rising.indexOf(line.get(i).midi())
                    - rising.indexOf(line.get(i - 1).midi());
            if (Math.abs(by) > 1
                    || Math.abs(line.get(i).midi() - line.get(i - 1).midi()) > mostStep) return false;
        }
        return true;
    }

    private static TreeSet<Integer> rising(List<Pitch> line) {
        TreeSet<Integer> rising = new TreeSet<>();
        line.forEach(pitch -> rising.add(pitch.midi()));
        return rising;
    }

    /** The fingers that each key may take in the best pattern; empty for a line that is no such run. */
    static Optional<Map<Integer, List<Way>>> of(KeyboardHand hand, List<NoteToPlay> line) {
        List<Pitch> pitches = line.stream().map(NoteToPlay::written).toList();
        TreeSet<Integer> keys = rising(pitches);
        if (keys.size() < 2 || keys.last() - keys.first() < OCTAVE || !isStraight(pitches, MOST_STEP))
            return Optional.empty();
        List<Integer> classes = List.copyOf(new TreeSet<>(
                keys.stream().map(midi -> Math.floorMod(midi, OCTAVE)).toList()));
        if (classes.size() < FEWEST) return Optional.empty();
        Map<Integer, List<Way>> best = null;
        long least = Long.MAX_VALUE;
        for (List<Integer> pattern : patterns(classes.size())) {
            Map<Integer, List<Way>> ways = ways(hand, keys, classes, pattern);
            long cost = Fingering.of(SettledHand.of(hand, ways), line, Map.of()).cost()
                    + blackThumbs(classes, pattern, hand) * BLACK_THUMB;
            if (cost < least) {
                least = cost;
                best = ways;
            }
        }
        return Optional.ofNullable(best);
    }

    /** More than all that the rules could say of a run. */
    private static final long BLACK_THUMB = 1_000_000;

    private static long blackThumbs(List<Integer> classes, List<Integer> pattern, KeyboardHand hand) {
        long thumbs = 0;
        for (int i = 0; i < classes.size(); i++) {
            if (finger(pattern, i, hand) == 1 && KeyboardHand.isBlack(classes.get(i))) thumbs++;
        }
        return thumbs;
    }

    /** The left hand goes down as the right one goes up. */
    private static int finger(List<Integer> pattern, int at, KeyboardHand hand) {
        return pattern.get(hand.right() ? at : pattern.size() - 1 - at);
    }

    private static Map<Integer, List<Way>> ways(
            KeyboardHand hand, TreeSet<Integer> keys, List<Integer> classes, List<Integer> pattern) {
        Map<Integer, List<Way>> ways = new HashMap<>();
        for (int midi : keys) {
            int finger = finger(pattern, classes.indexOf(Math.floorMod(midi, OCTAVE)), hand);
            boolean outer = midi == keys.first() || midi == keys.last();
            ways.put(midi, outer ? hand.ways(midi) : List.of(hand.way(finger, midi)));
        }
        return ways;
    }

    /** Groups of as nearly the same size as can be, each 1 2 3 and so on, begun on any note. */
    private static List<List<Integer>> patterns(int notes) {
        int groups = Math.ceilDiv(notes, LARGEST_GROUP);
        List<Integer> pattern = new ArrayList<>();
        for (int group = 0; group < groups; group++) {
            int size = (notes + group) / groups;
            for (int finger = 1; finger <= size; finger++) pattern.add(finger);
        }
        List<List<Integer>> patterns = new ArrayList<>();
        for (int turn = 0; turn < notes; turn++) {
            List<Integer> turned = new ArrayList<>(pattern.subList(turn, notes));
            turned.addAll(pattern.subList(0, turn));
            patterns.add(turned);
        }
        return patterns;
    }
}
