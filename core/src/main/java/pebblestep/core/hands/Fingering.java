package pebblestep.core.hands;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import pebblestep.core.Refusal;

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
    public record Stop(Onset onset, Way way, boolean pinned, List<Toll> move) {
        public Stop {
            move = List.copyOf(move);
        }

        /** What the move to the next note costs, in thousandths. */
        public int moveCost() {
            int cost = 0;
            for (Toll toll : move) cost += toll.thousandths();
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
    public static Fingering of(Hand hand, List<Onset> onsets, Map<Integer, String> pins) {
        return new Search(hand.along(onsets), onsets, pins).cheapest();
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

    private static List<String> reasons(List<Toll> move) {
        return move.stream()
                .sorted(Comparator.comparing(Toll::thousandths).reversed())
                .map(Toll::why)
                .toList();
    }

    /** Looks for it: from the last note back, for each way what the rest costs at least. */
    private static final class Search {
        private final Hand hand;
        private final List<Onset> onsets;
        private final Map<Integer, String> pins;
        private final List<List<Way>> ways = new ArrayList<>();
        private final Map<Object, int[][][]> known = new HashMap<>();

        Search(Hand hand, List<Onset> onsets, Map<Integer, String> pins) {
            this.hand = hand;
            this.onsets = onsets;
            this.pins = pins;
            for (int i = 0; i < onsets.size(); i++) ways.add(waysOf(i));
        }

        private List<Way> waysOf(int note) {
            List<Way> all = hand.ways(onsets.get(note).written());
            if (all.isEmpty()) {
                throw Refusal.of("There is no way to play " + onsets.get(note).written() + " here.");
            }
            String pin = pins.get(note);
            if (pin == null) return all;
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
            for (int i = last; i >= 0; i--) rest[i] = rest(i, i == last ? new long[0][] : rest[i + 1]);
            List<Stop> stops = new ArrayList<>();
            int memory = 0;
            int at = least(ways.isEmpty() ? new long[0][] : rest[0], memory);
            for (int i = 0; i <= last; i++) {
                Way way = ways.get(i).get(at);
                List<Toll> move = List.of();
                int next = at;
                if (i < last) {
                    next = next(i, at, memory, rest[i + 1]);
                    Way to = ways.get(i + 1).get(next);
                    Onset onset = onsets.get(i);
                    move = hand.move(way, to, onset.slurred(), memory).stream()
                            .map(toll -> toll.at(onset.pace()))
                            .toList();
                    memory = hand.memory(way, to, memory);
                }
                stops.add(new Stop(onsets.get(i), way, pins.containsKey(i), move));
                at = next;
            }
            return new Fingering(hand.family(), stops);
        }

        private static int least(long[][] rest, int memory) {
            return IntStream.range(0, rest.length)
                    .boxed()
                    .min(Comparator.comparing(way -> rest[way][memory]))
                    .orElse(0);
        }

        /** By way and memory: what the notes from one on cost at least. */
        private long[][] rest(int note, long[][] after) {
            List<Way> here = ways.get(note);
            long[][] rest = new long[here.size()][hand.memories()];
            for (int w = 0; w < here.size(); w++) {
                for (int m = 0; m < hand.memories(); m++) {
                    rest[w][m] = here.get(w).cost()
                            + (after.length == 0 ? 0 : through(note, w, m, next(note, w, m, after), after));
                }
            }
            return rest;
        }

        /** The way of the next note that is cheapest after one of this; of equal ones the plainest. */
        private int next(int note, int way, int memory, long[][] after) {
            if (stays(note)) return way;
            int best = 0;
            long least = Long.MAX_VALUE;
            for (int to = 0; to < after.length; to++) {
                long cost = through(note, way, memory, to, after);
                if (cost < least) {
                    least = cost;
                    best = to;
                }
            }
            return best;
        }

        private long through(int note, int from, int memory, int to, long[][] after) {
            Way here = ways.get(note).get(from);
            Way there = ways.get(note + 1).get(to);
            int move = moves(note)[from][to][memory];
            return move + after[to][hand.memory(here, there, memory)];
        }

        private record Pair(Object from, Object to, boolean slurred, double seconds) {}

        /** What all moves from a note to the next cost: the same where the same two notes come again. */
        private int[][][] moves(int note) {
            Onset onset = onsets.get(note);
            Object from = pins.containsKey(note) ? note : onset.written();
            Object to =
                    pins.containsKey(note + 1) ? note + 1 : onsets.get(note + 1).written();
            return known.computeIfAbsent(new Pair(from, to, onset.slurred(), onset.seconds()), pair -> {
                List<Way> here = ways.get(note);
                List<Way> there = ways.get(note + 1);
                int[][][] costs = new int[here.size()][there.size()][hand.memories()];
                for (int f = 0; f < here.size(); f++) {
                    for (int t = 0; t < there.size(); t++) {
                        for (int m = 0; m < hand.memories(); m++)
                            costs[f][t][m] = cost(onset, here.get(f), there.get(t), m);
                    }
                }
                return costs;
            });
        }

        private int cost(Onset onset, Way from, Way to, int memory) {
            int cost = 0;
            for (Toll toll : hand.move(from, to, onset.slurred(), memory))
                cost += toll.at(onset.pace()).thousandths();
            return cost;
        }
    }
}
