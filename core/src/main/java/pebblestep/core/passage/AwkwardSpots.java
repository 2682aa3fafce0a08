package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import pebblestep.core.fingering.NoteToPlay;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.scale.AwkwardPairs;

/**
 * Finds the awkward neighbours in a passage: what is hardest for the hand, dearest first, and the pairs of its key where they are
 * played, in the order of the line.
 */
final class AwkwardSpots {
    private static final int NEIGHBOURS = 4;
    private static final int MOST = 4;
    private static final int MOST_OF_HAND = 2;
    private static final int MOST_LOOKED_AT = 12;

    /** From so many thousandths a move is hard: five fingers at once (common practice, no source). */
    private static final int HARD = 500;

    private static final double TOLD_AT = 0.2;

    private AwkwardSpots() {}

    static List<AwkwardSpot> of(Passage passage, @Nullable Player player) {
        Map<String, AwkwardSpot> found = new LinkedHashMap<>();
        List<AwkwardPairs.Pair> pairs = AwkwardPairs.of(passage.writtenKey());
        List<AwkwardSpot> spots = new ArrayList<>(ofHand(passage, player));
        for (int i = 1; i < passage.notes().size(); i++) {
            Pitch one = passage.notes().get(i - 1).written();
            Pitch other = passage.notes().get(i).written();
            Pitch lower = one.compareTo(other) <= 0 ? one : other;
            Pitch upper = lower == one ? other : one;
            int apart = upper.midi() - lower.midi();
            if (apart == 0 || apart > NEIGHBOURS) continue;
            pairs.stream()
                    .filter(pair ->
                            pair.lower().equals(lower.name()) && pair.upper().equals(upper.name()))
                    .forEach(pair -> spots.add(new AwkwardSpot(lower, upper, pair.why())));
        }
        for (AwkwardSpot spot : spots) {
            // The same pair of names in another octave is the same difficulty; one pair may be awkward for two reasons.
            found.merge(spot.lower().name() + " " + spot.upper().name(), spot, AwkwardSpots::both);
        }
        return found.values().stream().limit(MOST).toList();
    }

    /** Moves that are hard at any tempo: what they cost is told at one pace, so that a slow line has them too. */
    private static List<AwkwardSpot> ofHand(Passage passage, @Nullable Player player) {
        Map<String, AwkwardSpot> spots = new LinkedHashMap<>();
        passage.fingering(player).ifPresent(fingering -> {
            for (Fingering.Hard hard : fingering.hardest(MOST_LOOKED_AT)) {
                NoteToPlay onset = fingering.stops().get(hard.from()).onset();
                if (hard.thousandths() * onset.seconds() < HARD * TOLD_AT) continue;
                Pitch one = onset.written();
                Pitch other = fingering.stops().get(hard.from() + 1).onset().written();
                boolean rising = one.compareTo(other) <= 0;
                Pitch lower = rising ? one : other;
                Pitch upper = rising ? other : one;
                // There and back is one place.
                if (spots.size() < MOST_OF_HAND || spots.containsKey(lower + " " + upper)) {
                    spots.putIfAbsent(
                            lower + " " + upper, new AwkwardSpot(lower, upper, String.join(", ", hard.why())));
                }
            }
        });
        return List.copyOf(spots.values());
    }

    private static AwkwardSpot both(AwkwardSpot one, AwkwardSpot other) {
        boolean another = !one.why().contains(other.why());
        return another ? new AwkwardSpot(one.lower(), one.upper(), one.why() + ", " + other.why()) : one;
    }
}
