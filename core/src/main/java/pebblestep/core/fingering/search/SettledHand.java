package pebblestep.core.fingering.search;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import pebblestep.core.fingering.CostSink;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.NoteToPlay;
import pebblestep.core.fingering.Way;
import pebblestep.core.pitch.Pitch;

/**
 * A hand for one line, of which some ways have been ruled out beforehand.
 *
 * @param parts for each part of the line, the ways that are left for each note, by its MIDI number
 */
public record SettledHand(Hand hand, Map<Integer, Map<Integer, List<Way>>> parts) implements Hand {
    /** A hand for a line in one key, with the ways that are left for each note. */
    public static SettledHand of(Hand hand, Map<Integer, List<Way>> ways) {
        return new SettledHand(hand, Map.of(0, ways));
    }

    /**
     * Decides for each part of a line by itself. Where {@code settled} is empty for a part, all its ways are left; where it is empty for every
     * part, the hand is returned unchanged.
     */
    public static Hand byParts(
            Hand hand, List<NoteToPlay> line, Function<List<NoteToPlay>, Optional<Map<Integer, List<Way>>>> settled) {
        Map<Integer, Map<Integer, List<Way>>> parts = new HashMap<>();
        boolean any = false;
        for (Map.Entry<Integer, List<NoteToPlay>> part : parts(line).entrySet()) {
            Optional<Map<Integer, List<Way>>> ways = settled.apply(part.getValue());
            any |= ways.isPresent();
            parts.put(part.getKey(), ways.orElseGet(() -> all(hand, part.getValue())));
        }
        return any ? new SettledHand(hand, parts) : hand;
    }

    private static Map<Integer, List<Way>> all(Hand hand, List<NoteToPlay> part) {
        Map<Integer, List<Way>> ways = new HashMap<>();
        for (NoteToPlay onset : part) ways.computeIfAbsent(onset.written().midi(), any -> hand.ways(onset.written()));
        return ways;
    }

    /** The parts of a line, by number, each as a line of its own. */
    public static Map<Integer, List<NoteToPlay>> parts(List<NoteToPlay> line) {
        Map<Integer, List<NoteToPlay>> parts = new LinkedHashMap<>();
        for (NoteToPlay onset : line) {
            parts.computeIfAbsent(onset.part(), any -> new ArrayList<>()).add(onset.alone());
        }
        return parts;
    }

    @Override
    public Family family() {
        return hand.family();
    }

    /** Every way of a pitch, also those that were ruled out for the line. */
    @Override
    public List<Way> ways(Pitch written) {
        return hand.ways(written);
    }

    @Override
    public List<Way> ways(NoteToPlay onset) {
        return parts.getOrDefault(onset.part(), Map.of())
                .getOrDefault(onset.written().midi(), List.of());
    }

    @Override
    public void move(@Nullable Way before, Way from, Way to, NoteToPlay onset, CostSink sink) {
        hand.move(before, from, to, onset, sink);
    }

    @Override
    public boolean looksBack() {
        return hand.looksBack();
    }
}
