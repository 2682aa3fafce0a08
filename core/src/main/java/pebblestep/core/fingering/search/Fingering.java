package pebblestep.core.fingering.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.Cost;
import pebblestep.core.fingering.CostSink;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.MoveTime;
import pebblestep.core.fingering.NoteToPlay;
import pebblestep.core.fingering.Way;

/**
 * How each note of a line is played: the cheapest way through it, of all that there are.
 *
 * @param stops note by note
 */
public record Fingering(Hand.Family family, List<Stop> stops) {
    private static final double THOUSAND = 1000;

    public Fingering {
        stops = List.copyOf(stops);
    }

    /**
     * One note.
     *
     * @param pinned whether somebody has fixed its way
     * @param move what it costs to get to the next note, at its pace; nothing after the last
     */
    public record Stop(NoteToPlay onset, Way way, boolean pinned, List<Cost> move) {
        public Stop {
            move = List.copyOf(move);
        }

        /** What the move to the next note costs, in thousandths. */
        public int moveCost() {
            int cost = 0;
            for (Cost one : move) cost += one.thousandths();
            return cost;
        }
    }

    /**
     * A move that is among the hardest.
     *
     * @param from the index of the note it begins with; it ends with the next
     * @param why its reasons, the dearest first
     */
    public record Hard(int from, int thousandths, List<String> why) {}

    /**
     * The cheapest way through a line; of several that cost the same the one that is plainer from the first note on. A note that
     * is repeated stays as it is.
     *
     * @param pins ways by the index of their note, which are kept whatever they cost
     * @throws Refusal of a note that has no way, and of a pin that is none of its ways
     */
    public static Fingering of(Hand hand, List<NoteToPlay> onsets, Map<Integer, String> pins) {
        return new Search(hand, onsets, pins).cheapest();
    }

    /** What all of it costs, in thousandths. */
    public long cost() {
        return stops.stream()
                .mapToLong(stop -> stop.way.cost() + stop.moveCost())
                .sum();
    }

    /** What a second of it costs, so that two lines can be compared: 1 is a usual move five times a second. */
    public double effort() {
        double seconds =
                stops.stream().mapToDouble(stop -> stop.onset.seconds()).sum();
        return cost() / THOUSAND / seconds;
    }

    /** The moves that cost most, dearest first and then in order; each kind of move, by its two ways, once. */
    public List<Hard> hardest(int most) {
        Map<String, Hard> byWays = new HashMap<>();
        for (int i = 0; i + 1 < stops.size(); i++) {
            Stop stop = stops.get(i);
            int cost = stop.moveCost();
            if (cost == 0) continue;
            Hard hard = new Hard(i, cost, reasons(stop.move));
            byWays.merge(
                    stop.way.id() + " " + stops.get(i + 1).way.id(),
                    hard,
                    (one, other) -> other.thousandths > one.thousandths ? other : one);
        }
        return byWays.values().stream()
                .sorted(Comparator.comparing(Hard::thousandths).reversed().thenComparing(Hard::from))
                .limit(most)
                .toList();
    }

    private static List<String> reasons(List<Cost> move) {
        return move.stream()
                .sorted(Comparator.comparing(Cost::thousandths).reversed())
                .map(Cost::why)
                .toList();
    }

    private static final long[][] NOTHING = new long[0][];

    /** Looks for it: from the last note back, for each way what the rest costs at least. */
    private static final class Search {
        private final Hand hand;

        /** The hand as it goes about this line; a pin may be any way of the hand itself. */
        private final Hand along;

        private final List<NoteToPlay> onsets;
        private final Map<Integer, String> pins;
        private final List<List<Way>> ways = new ArrayList<>();
        private final Map<NoteToPlay.Spot, List<Way>> bySpot = new HashMap<>();
        private final Map<Known, int[][][]> known = new HashMap<>();
        private final int[] @Nullable [][][] byNote;

        Search(Hand hand, List<NoteToPlay> onsets, Map<Integer, String> pins) {
            this.hand = hand;
            this.along = hand.along(onsets);
            this.onsets = onsets;
            this.pins = pins;
            this.byNote = new int[onsets.size()][][][];
            for (int i = 0; i < onsets.size(); i++) ways.add(waysOf(i));
        }

        private List<Way> waysOf(int note) {
            List<Way> all = bySpot.computeIfAbsent(onsets.get(note).spot(), any -> along.ways(onsets.get(note)));
            if (all.isEmpty()) {
                throw Refusal.of("There is no way to play " + onsets.get(note).written() + " here.");
            }
            String pin = pins.get(note);
            if (pin == null) return all;
            all = hand.ways(onsets.get(note).written());
            List<Way> pinned = all.stream().filter(way -> way.id().equals(pin)).toList();
            if (pinned.isEmpty()) {
                throw Refusal.of("hand.pins", onsets.get(note).written() + " is not played as \"" + pin + "\".")
                        .fits("One of: " + all.stream().map(Way::id).collect(Collectors.joining(", ")) + ".");
            }
            return pinned;
        }

        /** A note that comes again stays on its way, unless one of the two is pinned. */
        private boolean stays(int note) {
            return onsets.get(note).written().equals(onsets.get(note + 1).written())
                    && !pins.containsKey(note)
                    && !pins.containsKey(note + 1);
        }

        Fingering cheapest() {
            int last = onsets.size() - 1;
            long[][][] rest = new long[onsets.size()][][];
            for (int i = last; i >= 0; i--) rest[i] = rest(i, i == last ? NOTHING : rest[i + 1]);
            List<Stop> stops = new ArrayList<>();
            int before = 0;
            int at = least(rest);
            for (int i = 0; i <= last; i++) {
                Way way = ways.get(i).get(at);
                if (i == last) {
                    stops.add(new Stop(onsets.get(i), way, pins.containsKey(i), List.of()));
                    break;
                }
                int next = next(i, before, at, rest[i + 1]);
                NoteToPlay onset = onsets.get(i);
                CostSink.Listed move = new CostSink.Listed(onset.pace());
                hand.move(before(i, before), way, ways.get(i + 1).get(next), onset, move);
                stops.add(new Stop(onset, way, pins.containsKey(i), move.costs()));
                before = at;
                at = next;
            }
            return new Fingering(hand.family(), stops);
        }

        private static int least(long[][][] rest) {
            if (rest.length == 0) return 0;
            int least = 0;
            for (int way = 1; way < rest[0][0].length; way++) {
                if (rest[0][0][way] < rest[0][0][least]) least = way;
            }
            return least;
        }

        /** How many ways before a note make a difference to what comes after it. */
        private int befores(int note) {
            return hand.looksBack() && note > 0 ? ways.get(note - 1).size() : 1;
        }

        private @Nullable Way before(int note, int before) {
            return hand.looksBack() && note > 0 ? ways.get(note - 1).get(before) : null;
        }

        /** By the way before and the way of a note: what the notes from it on cost at least. */
        private long[][] rest(int note, long[][] after) {
            List<Way> here = ways.get(note);
            long[][] rest = new long[befores(note)][here.size()];
            for (int b = 0; b < rest.length; b++) {
                for (int w = 0; w < here.size(); w++) {
                    rest[b][w] = here.get(w).cost();
                    if (after.length > 0) rest[b][w] += through(note, b, w, next(note, b, w, after), after);
                }
            }
            return rest;
        }

        /** The way of the next note that is cheapest after one of this; of equal ones the plainest. */
        private int next(int note, int before, int way, long[][] after) {
            if (stays(note)) return way;
            int best = 0;
            long least = Long.MAX_VALUE;
            for (int to = 0; to < ways.get(note + 1).size(); to++) {
                long cost = through(note, before, way, to, after);
                if (cost < least) {
                    least = cost;
                    best = to;
                }
            }
            return best;
        }

        private long through(int note, int before, int from, int to, long[][] after) {
            int back = hand.looksBack() ? from : 0;
            return moves(note)[hand.looksBack() && note > 0 ? before : 0][from][to] + after[back][to];
        }

        private record Known(@Nullable Object before, Object from, Object to, boolean slurred, MoveTime pace) {}

        private Object named(int note) {
            return pins.containsKey(note)
                    ? Integer.valueOf(note)
                    : onsets.get(note).spot();
        }

        /** What all moves from a note to the next cost: the same where the same notes come again. */
        private int[][][] moves(int note) {
            int[][][] ready = byNote[note];
            if (ready != null) return ready;
            NoteToPlay onset = onsets.get(note);
            Object before = hand.looksBack() && note > 0 ? named(note - 1) : null;
            Known key = new Known(before, named(note), named(note + 1), onset.slurred(), onset.pace());
            byNote[note] = known.computeIfAbsent(key, any -> {
                CostSink.Sum sum = new CostSink.Sum(onset.pace());
                int[][][] costs = new int[befores(note)][ways.get(note).size()]
                        [ways.get(note + 1).size()];
                for (int b = 0; b < costs.length; b++) {
                    for (int f = 0; f < costs[b].length; f++) {
                        for (int t = 0; t < costs[b][f].length; t++) {
                            hand.move(
                                    before(note, b),
                                    ways.get(note).get(f),
                                    ways.get(note + 1).get(t),
                                    onset,
                                    sum);
                            costs[b][f][t] = sum.taken();
                        }
                    }
                }
                return costs;
            });
            return byNote[note];
        }
    }
}
