package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import pebblestep.core.instrument.Crossing;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.scale.AwkwardPairs;

/**
 * Finds the awkward neighbours in a passage: the pairs of its key where they are played, lowest place first, and the
 * notes on either side of a crossing of the instrument.
 */
final class AwkwardSpots {
    private static final int NEIGHBOURS = 4;
    private static final int MOST = 4;

    private AwkwardSpots() {}

    static List<AwkwardSpot> of(Passage passage, @Nullable Player player) {
        Map<String, AwkwardSpot> found = new LinkedHashMap<>();
        List<Crossing> crossings =
                player == null ? List.of() : player.instrument().crossings();
        List<AwkwardPairs.Pair> pairs = AwkwardPairs.of(passage.writtenKey());
        List<AwkwardSpot> spots = new ArrayList<>();
        for (int i = 1; i < passage.notes().size(); i++) {
            Pitch one = passage.notes().get(i - 1).written();
            Pitch other = passage.notes().get(i).written();
            Pitch lower = one.compareTo(other) <= 0 ? one : other;
            Pitch upper = lower == one ? other : one;
            int apart = upper.midi() - lower.midi();
            if (apart == 0 || apart > NEIGHBOURS) continue;
            crossings.stream()
                    .filter(crossing -> crossing.isCrossedBy(lower, upper))
                    .forEach(crossing -> spots.add(new AwkwardSpot(lower, upper, crossing.what())));
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

    private static AwkwardSpot both(AwkwardSpot one, AwkwardSpot other) {
        boolean another = !one.why().contains(other.why());
        return another ? new AwkwardSpot(one.lower(), one.upper(), one.why() + ", " + other.why()) : one;
    }
}
