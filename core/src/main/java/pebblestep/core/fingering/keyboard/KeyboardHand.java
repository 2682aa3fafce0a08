package pebblestep.core.fingering.keyboard;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.fingering.CostSink;
import pebblestep.core.fingering.CostTable;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.NoteToPlay;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.Way;
import pebblestep.core.fingering.search.SettledHand;
import pebblestep.core.pitch.Pitch;

/**
 * One hand at a keyboard. Straight scales have the fingers that handbooks give them; everything else goes by the rules of R.
 * Parncutt, J. A. Sloboda, E. F. Clarke, M. Raekallio and P. Desain, An ergonomic model of keyboard fingering for melodic
 * fragments, Music Perception 14(4), 1997 (spans and rules from memory).
 *
 * @param right whether it is the right hand
 */
public record KeyboardHand(boolean right) implements Hand {
    private static final int FINGERS = 5;
    private static final int THUMB = 1;
    private static final int MIDDLE = 3;
    private static final int RING = 4;
    private static final int LITTLE = 5;

    /** A rule's point, in thousandths. */
    private static final CostTable COSTS = new CostTable(
            """
            stretch;  200; a stretch beyond what is comfortable, by a semitone
            small;    100; a small span with the thumb, by a semitone
            cramped;  200; a small span between fingers, by a semitone
            large;    100; a large span with the thumb, by a semitone
            wide;     200; a large span between fingers, by a semitone
            changes;  100; the hand changes its position
            size;     100; by a semitone
            weak;     100; a weak finger
            threes;   100; fingers 3, 4 and 5 in a row
            three;    100; 3 and then 4
            four;     100; 4 on a black key beside 3 on a white one
            thumb;    100; the thumb on a black key
            five;     200; the little finger on a black key beside a white one
            pass;     100; the thumb passes
            lifted;   300; the thumb passes onto a black key
            """);

    /**
     * Spans of the right hand between two fingers in semitones, upwards from the lower finger: the least that can be practised,
     * the least comfortable, the least relaxed, and the same for the greatest.
     */
    private static final Map<Integer, int[]> SPANS = Map.of(
            12, new int[] {-5, -3, 1, 5, 8, 10},
            13, new int[] {-4, -2, 3, 7, 10, 12},
            14, new int[] {-3, -1, 5, 9, 12, 14},
            15, new int[] {-1, 1, 7, 10, 13, 15},
            23, new int[] {1, 1, 1, 2, 3, 5},
            24, new int[] {1, 1, 3, 4, 5, 7},
            25, new int[] {2, 2, 5, 6, 8, 10},
            34, new int[] {1, 1, 1, 2, 2, 4},
            35, new int[] {1, 1, 3, 4, 5, 7},
            45, new int[] {1, 1, 1, 2, 3, 5});

    private static final int MIN_PRACTICAL = 0;
    private static final int MIN_COMFORTABLE = 1;
    private static final int MIN_RELAXED = 2;
    private static final int MAX_RELAXED = 3;
    private static final int MAX_COMFORTABLE = 4;
    private static final int MAX_PRACTICAL = 5;

    @Override
    public Family family() {
        return Family.KEYS;
    }

    @Override
    public List<Way> ways(Pitch written) {
        return ways(written.midi());
    }

    List<Way> ways(int midi) {
        List<Way> ways = new ArrayList<>();
        for (int finger = 1; finger <= FINGERS; finger++) ways.add(way(finger, midi));
        return ways;
    }

    Way way(int finger, int midi) {
        String text = Integer.toString(finger);
        return new Way((right ? "r" : "l") + text, text, new Shape.Pressed(right, finger, midi), 0, List.of());
    }

    /** The fingers that handbooks give a straight scale; another run has its pattern, and all else goes by the rules. */
    @Override
    public Hand along(List<NoteToPlay> line) {
        return SettledHand.byParts(this, line, part -> usual(part).or(() -> KeyboardRun.of(this, part)));
    }

    private Optional<Map<Integer, List<Way>>> usual(List<NoteToPlay> line) {
        return KeyboardTable.of(line.stream().map(NoteToPlay::written).toList(), right)
                .map(fingers -> bound(line, fingers));
    }

    private Map<Integer, List<Way>> bound(List<NoteToPlay> line, List<Integer> fingers) {
        Map<Integer, List<Way>> byMidi = new HashMap<>();
        for (int i = 0; i < line.size(); i++) {
            int midi = line.get(i).written().midi();
            // Down it may go by another finger than up: then both are left.
            List<Way> ways = byMidi.computeIfAbsent(midi, any -> new ArrayList<>());
            Way way = way(fingers.get(i), midi);
            if (!ways.contains(way)) ways.add(way);
        }
        return byMidi;
    }

    @Override
    public boolean looksBack() {
        return true;
    }

    private static Shape.Pressed shape(Way way) {
        return (Shape.Pressed) way.shape();
    }

    /** Semitones from one key to another, as the right hand has them: the left one is its mirror. */
    private int up(Shape.Pressed from, Shape.Pressed to) {
        int up = to.midi() - from.midi();
        return right ? up : -up;
    }

    private static boolean isBlack(Shape.Pressed key) {
        return isBlack(key.midi());
    }

    /** Whether a key, by its note number, is a black one. */
    static boolean isBlack(int midi) {
        return switch (Math.floorMod(midi, 12)) {
            case 1, 3, 6, 8, 10 -> true;
            default -> false;
        };
    }

    /** A span between two fingers, in the order in which they are played. */
    private static int span(int from, int to, int which) {
        int[] spans = SPANS.get(Math.min(from, to) * 10 + Math.max(from, to));
        if (spans == null) return 0;
        return from < to ? spans[which] : -spans[MAX_PRACTICAL - which];
    }

    @Override
    public void move(@Nullable Way before, Way from, Way to, NoteToPlay onset, CostSink sink) {
        Shape.Pressed one = shape(from);
        Shape.Pressed other = shape(to);
        spans(sink, one, other);
        weak(sink, other);
        if (before == null) weak(sink, one);
        if (one.finger() == MIDDLE && other.finger() == RING) sink.add(COSTS, "three");
        blackFour(sink, one, other);
        pass(sink, one, other);
        blackThumb(sink, one, other);
        if (before != null) triple(sink, shape(before), one, other);
    }

    /** Rules 1 to 3: stretch, small span and large span. */
    private void spans(CostSink sink, Shape.Pressed one, Shape.Pressed other) {
        int from = one.finger();
        int to = other.finger();
        int up = up(one, other);
        if (from == to) {
            // One finger on two keys: no span of the hand, a jump.
            if (up != 0) sink.add(COSTS, "stretch", FINGERS + Math.abs(up), () -> "one finger on two keys");
            return;
        }
        int beyond = Math.max(up - span(from, to, MAX_COMFORTABLE), span(from, to, MIN_COMFORTABLE) - up);
        if (beyond > 0) sink.add(COSTS, "stretch", beyond, () -> "a stretch from " + from + " to " + to);
        boolean thumb = from == THUMB || to == THUMB;
        int cramped = from < to ? span(from, to, MIN_RELAXED) - up : up - span(from, to, MAX_RELAXED);
        if (cramped > 0)
            sink.add(COSTS, thumb ? "small" : "cramped", cramped, () -> "a small span from " + from + " to " + to);
        int wide = from < to ? up - span(from, to, MAX_RELAXED) : span(from, to, MIN_RELAXED) - up;
        if (wide > 0) sink.add(COSTS, thumb ? "large" : "wide", wide, () -> "a large span from " + from + " to " + to);
    }

    /** Rule 6. */
    private static void weak(CostSink sink, Shape.Pressed key) {
        if (key.finger() >= RING) sink.add(COSTS, "weak");
    }

    /** Rule 9: 3 and 4 beside each other, in either order, with 3 on a white key and 4 on a black one. */
    private static void blackFour(CostSink sink, Shape.Pressed one, Shape.Pressed other) {
        Shape.Pressed three = one.finger() == MIDDLE ? one : other;
        Shape.Pressed four = one.finger() == MIDDLE ? other : one;
        if (three.finger() == MIDDLE && four.finger() == RING && !isBlack(three) && isBlack(four))
            sink.add(COSTS, "four");
    }

    /** Rule 12: the thumb goes under, or a finger over it. */
    private void pass(CostSink sink, Shape.Pressed one, Shape.Pressed other) {
        boolean under = other.finger() == THUMB && one.finger() > THUMB && up(one, other) > 0;
        boolean over = one.finger() == THUMB && other.finger() > THUMB && up(one, other) < 0;
        if (!under && !over) return;
        Shape.Pressed thumb = under ? other : one;
        Shape.Pressed finger = under ? one : other;
        if (isBlack(thumb) == isBlack(finger)) sink.add(COSTS, "pass");
        else if (isBlack(thumb)) sink.add(COSTS, "lifted");
    }

    /** Rules 10 and 11, as far as two keys say: the thumb or the little finger on a black key beside a white one. */
    private static void blackThumb(CostSink sink, Shape.Pressed one, Shape.Pressed other) {
        if (other.finger() == THUMB && isBlack(other))
            sink.add(COSTS, "thumb", isBlack(one) ? 1 : 3, () -> "the thumb on a black key");
        if (one.finger() == THUMB && isBlack(one) && !isBlack(other))
            sink.add(COSTS, "thumb", 2, () -> "the thumb leaves a black key");
        if (other.finger() == LITTLE && isBlack(other) && !isBlack(one)) sink.add(COSTS, "five");
        if (one.finger() == LITTLE && isBlack(one) && !isBlack(other)) sink.add(COSTS, "five");
    }

    /** Rules 4, 5 and 7, which look at three keys. */
    private void triple(CostSink sink, Shape.Pressed first, Shape.Pressed second, Shape.Pressed third) {
        boolean threes = List.of(first.finger(), second.finger(), third.finger()).stream()
                .sorted()
                .toList()
                .equals(List.of(MIDDLE, RING, LITTLE));
        if (threes) sink.add(COSTS, "threes");
        int up = up(first, third);
        int from = first.finger();
        int to = third.finger();
        if (from == to) {
            if (up != 0) sink.add(COSTS, "changes");
            return;
        }
        int outside = Math.max(up - span(from, to, MAX_COMFORTABLE), span(from, to, MIN_COMFORTABLE) - up);
        if (outside <= 0) return;
        boolean between = second.finger() == THUMB
                && (up(first, second) > 0) == (up(second, third) > 0)
                && (up > span(from, to, MAX_PRACTICAL) || up < span(from, to, MIN_PRACTICAL));
        sink.add(COSTS, "changes", between ? 2 : 1, () -> "the hand changes its position");
        sink.add(COSTS, "size", outside, () -> "by " + outside + (outside == 1 ? " semitone" : " semitones"));
    }
}
