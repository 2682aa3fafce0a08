package pebblestep.core.hands;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import pebblestep.core.pitch.Pitch;

/**
 * A hand that has settled beforehand how it plays the pitches of a line.
 *
 * @param parts for each part of the line, by note number, the ways that are left for it
 */
record Bound(Hand hand, Map<Integer, Map<Integer, List<Way>>> parts) implements Hand {
    /** A hand that has settled a line in one key. */
    static Bound of(Hand hand, Map<Integer, List<Way>> ways) {
        return new Bound(hand, Map.of(0, ways));
    }

    /**
     * A hand that settles each part of a line by itself; where nothing can be settled for a part all its ways are left, and the
     * hand is as it was where that is so for each.
     */
    static Hand byParts(Hand hand, List<Onset> line, Function<List<Onset>, Optional<Map<Integer, List<Way>>>> settled) {
        Map<Integer, Map<Integer, List<Way>>> parts = new HashMap<>();
        boolean any = false;
        for (Map.Entry<Integer, List<Onset>> part : parts(line).entrySet()) {
            Optional<Map<Integer, List<Way>>> ways = settled.apply(part.getValue());
            any |= ways.isPresent();
            parts.put(part.getKey(), ways.orElseGet(() -> all(hand, part.getValue())));
        }
        return any ? new Bound(hand, parts) : hand;
    }

    private static Map<Integer, List<Way>> all(Hand hand, List<Onset> part) {
        Map<Integer, List<Way>> ways = new HashMap<>();
        for (Onset onset : part) ways.computeIfAbsent(onset.written().midi(), any -> hand.ways(onset.written()));
        return ways;
    }

    /** The parts of a line, each as a line of its own. */
    static Map<Integer, List<Onset>> parts(List<Onset> line) {
        Map<Integer, List<Onset>> parts = new LinkedHashMap<>();
        for (Onset onset : line) {
            parts.computeIfAbsent(onset.part(), any -> new ArrayList<>()).add(onset.alone());
        }
        return parts;
    }

    @Override
    public Family family() {
        return hand.family();
    }

    /** Every way of a pitch, whatever is settled for the line. */
    @Override
    public List<Way> ways(Pitch written) {
        return hand.ways(written);
    }

    @Override
    public List<Way> ways(Onset onset) {
        return parts.getOrDefault(onset.part(), Map.of())
                .getOrDefault(onset.written().midi(), List.of());
    }

    @Override
    public void move(@Nullable Way before, Way from, Way to, Onset onset, Tally tally) {
        hand.move(before, from, to, onset, tally);
    }

    @Override
    public boolean looksBack() {
        return hand.looksBack();
    }
}
