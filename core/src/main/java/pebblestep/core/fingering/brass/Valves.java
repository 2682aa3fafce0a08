package pebblestep.core.fingering.brass;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Rounding;
import pebblestep.core.Words;
import pebblestep.core.fingering.Cost;
import pebblestep.core.fingering.CostSink;
import pebblestep.core.fingering.CostTable;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.NoteToPlay;
import pebblestep.core.fingering.PlayersHand;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.Way;
import pebblestep.core.pitch.Pitch;

/**
 * Valves that lengthen a tube: 2 by one semitone, 1 by two, 3 by three, 4 by five. A way is a partial of the open tube and the
 * valves that lower it to the note.
 *
 * @param tubes the tube, or the two of a double horn: the first below the change, the second from it on
 * @param count how many valves there are, three or four
 * @param compensating whether what several valves lack is made up by the instrument
 * @param change the written pitch from which the second tube is the usual one; none where there is one tube
 */
public record Valves(List<Tube> tubes, int count, boolean compensating, List<Pitch> change) implements Hand {
    /**
     * A tube.
     *
     * @param fundamental its first partial as the player reads it
     * @param spare partials that are not the usual ones, since they are out of tune
     */
    public record Tube(Pitch fundamental, Set<Integer> spare) {
        public Tube {
            spare = Set.copyOf(spare);
        }
    }

    /** By number of the valve: how many semitones it lowers. */
    private static final int[] LOWERS = {0, 2, 1, 3, 5};

    private static final int THIRD = 3;

    /** Costs of the hand at valves; common practice, no source, but for the cents, which follow from the length of the tubes. */
    private static final CostTable COSTS = new CostTable(
            """
            other;   700; not the usual fingering
            spare;  1500; a partial that is out of tune
            cent;     12; out of tune
            finger;  100; a finger that moves
            against; 200; fingers go down while others come up
            lips;     30; the lips alone change the note
            thumb;   150; the thumb changes the side of the horn
            """);

    private static final double HEARD_CENTS = 6;

    public Valves {
        tubes = List.copyOf(tubes);
        change = List.copyOf(change);
    }

    @Override
    public Family family() {
        return Family.VALVES;
    }

    @Override
    public Set<PlayersHand.Trait> traits() {
        return tubes.size() > 1
                ? EnumSet.of(PlayersHand.Trait.HORN, PlayersHand.Trait.CHANGE)
                : EnumSet.of(PlayersHand.Trait.VALVES, PlayersHand.Trait.COMPENSATING);
    }

    @Override
    public Hand of(PlayersHand player) {
        if (tubes.size() == 1) {
            return new Valves(tubes, player.valves().orElse(count), compensating || player.compensating(), change);
        }
        return switch (player.horn().orElse(PlayersHand.Horn.DOUBLE)) {
            case DOUBLE ->
                new Valves(
                        tubes,
                        count,
                        compensating,
                        player.change().map(List::of).orElse(change));
            // A single horn takes what there is: nothing is spared for another side.
            case F -> new Valves(List.of(tubes.getFirst()), count, compensating, List.of());
            case B_FLAT -> new Valves(List.of(tubes.getLast()), count, compensating, List.of());
        };
    }

    /** One of the ways before it is known which is the plainest. */
    private record Fit(int tube, int partial, List<Integer> valves, int lowered) {}

    @Override
    public List<Way> ways(Pitch written) {
        List<Fit> fits = new ArrayList<>();
        for (int tube = 0; tube < tubes.size(); tube++) {
            for (int partial = 2; partial <= Partials.HIGHEST; partial++) {
                int lowered = tubes.get(tube).fundamental.midi() + Partials.semitones(partial) - written.midi();
                for (List<Integer> valves : combinations(lowered)) fits.add(new Fit(tube, partial, valves, lowered));
            }
        }
        int usual = tubes.size() > 1 && written.midi() >= change.getFirst().midi() ? 1 : 0;
        fits.sort(Comparator.comparing((Fit fit) -> isSpare(fit))
                .thenComparing(fit -> fit.tube != usual)
                .thenComparing(Fit::lowered)
                .thenComparing(fit -> fit.valves.equals(List.of(THIRD)))
                .thenComparing(fit -> fit.valves.size()));
        List<Way> ways = new ArrayList<>();
        for (Fit fit : fits) ways.add(way(fit, ways.isEmpty()));
        return ways;
    }

    private boolean isSpare(Fit fit) {
        boolean flat =
                switch (fit.partial) {
                    case 7, 11, 13, 14 -> true;
                    default -> false;
                };
        return flat || tubes.get(fit.tube).spare.contains(fit.partial);
    }

    /** The valves that lower by so many semitones, every set of them. */
    private List<List<Integer>> combinations(int semitones) {
        List<List<Integer>> found = new ArrayList<>();
        for (int set = 0; set < 1 << count; set++) {
            List<Integer> valves = new ArrayList<>();
            int lowered = 0;
            for (int valve = 1; valve <= count; valve++) {
                if ((set & 1 << valve - 1) == 0) continue;
                valves.add(valve);
                lowered += LOWERS[valve];
            }
            if (lowered == semitones) found.add(valves);
        }
        return found;
    }

    private Way way(Fit fit, boolean plainest) {
        String text = fit.valves.isEmpty() ? "0" : joined(fit.valves, "-");
        String side = tubes.size() > 1 && fit.tube == 1 ? "T" : "";
        double cents = Partials.off(fit.partial) + sharp(fit.valves);
        List<Cost> costs = new ArrayList<>();
        if (!plainest) costs.add(COSTS.cost("other"));
        if (isSpare(fit)) costs.add(COSTS.cost("spare"));
        int heard = (int) Math.max(0, Rounding.whole(Math.abs(cents) - HEARD_CENTS));
        if (heard > 0)
            costs.add(COSTS.cost(
                    "cent", heard, Words.decimal(Math.abs(cents)) + " cents too " + (cents < 0 ? "low" : "high")));
        return new Way(
                side + "p" + fit.partial + "-" + (fit.valves.isEmpty() ? "0" : joined(fit.valves, "")),
                side + text,
                new Shape.Valved(fit.valves, fit.partial, !side.isEmpty(), count),
                cents,
                costs);
    }

    private static String joined(List<Integer> valves, String between) {
        return valves.stream().map(String::valueOf).collect(Collectors.joining(between));
    }

    /** Each valve is in tune alone; together they are too short, and so too high by so many cents. */
    private double sharp(List<Integer> valves) {
        if (compensating) return 0;
        double share = 0;
        int semitones = 0;
        for (int valve : valves) {
            share += Partials.share(LOWERS[valve]);
            semitones += LOWERS[valve];
        }
        return semitones * 100.0 - Partials.lowered(share);
    }

    @Override
    public void move(@Nullable Way before, Way from, Way to, NoteToPlay onset, CostSink sink) {
        Shape.Valved one = (Shape.Valved) from.shape();
        Shape.Valved other = (Shape.Valved) to.shape();
        int down = missing(other.valves(), one.valves());
        int up = missing(one.valves(), other.valves());
        int moved = down + up;
        if (moved > 0) {
            sink.add(
                    COSTS,
                    "finger",
                    moved,
                    () -> Words.spelled(moved, "valve") + (moved == 1 ? " changes" : " change"));
        }
        if (down > 0 && up > 0) sink.add(COSTS, "against");
        if (moved == 0 && one.partial() != other.partial()) sink.add(COSTS, "lips");
        if (one.thumb() != other.thumb()) sink.add(COSTS, "thumb");
    }

    /** How many of some valves are not among others. */
    private static int missing(List<Integer> some, List<Integer> others) {
        int missing = 0;
        for (Integer valve : some) if (!others.contains(valve)) missing++;
        return missing;
    }

    /** What helps where valves are out of tune together; nothing where they are not. */
    public String helps(Way way) {
        Shape.Valved shape = (Shape.Valved) way.shape();
        List<Integer> valves = shape.valves();
        boolean low = valves.equals(List.of(1, THIRD)) || valves.equals(List.of(1, 2, THIRD));
        if (!low || compensating) return "";
        return count > THIRD ? (valves.size() == 2 ? "4 instead of 1-3" : "2-4 instead of 1-2-3") : "third slide out";
    }
}
