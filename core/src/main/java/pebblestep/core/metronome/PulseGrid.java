package pebblestep.core.metronome;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import pebblestep.core.Identified;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.landing.Landing;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Rhythm;

/**
 * The pulse that a passage lies on: whole bars cut into clicks, each with its counting word. A click is the distance by
 * which a place is nudged as a rule: a sixteenth, or a triplet eighth for triplet figures.
 *
 * @param from downbeat of the first bar shown
 * @param to end of the last beat shown: behind the last note and behind the target
 * @param click distance between two ticks
 * @param ticks in order
 */
public record PulseGrid(Fraction from, Fraction to, Fraction click, List<Tick> ticks) {
    private static final Fraction SIXTEENTH = Fraction.of(1, 16);
    private static final Fraction TRIPLET = Fraction.of(1, 12);

    /** There are a few hundred meters, and a studio uses some of them. */
    private static final Map<Meter, List<Place>> PLACES = new ConcurrentHashMap<>();

    public PulseGrid {
        ticks = List.copyOf(ticks);
    }

    /**
     * One click of the grid.
     *
     * @param at its position
     * @param bar its bar, from 1; 0 and below before the first downbeat
     * @param count its counting word
     * @param said what is said there in a school; empty where it has no word
     * @param weight 0 on a downbeat, 1 on another beat, 2 between beats
     */
    public record Tick(Fraction at, int bar, Count count, String said, int weight) {}

    /**
     * A place where a line can start.
     *
     * @param at its position
     * @param count its counting word
     * @param grids the divisions it belongs to
     */
    public record Place(Fraction at, Count count, List<Grid> grids) {}

    /** A division to which a start can snap. */
    public enum Grid implements Identified {
        BEATS,
        EIGHTHS,
        SIXTEENTHS,
        TRIPLETS
    }

    /** The grid of a passage, counted in numbers. */
    public static PulseGrid of(Passage passage) {
        return of(passage, CountSchool.NUMBERS);
    }

    /** The grid of a passage. */
    public static PulseGrid of(Passage passage, CountSchool school) {
        return of(passage, Landing.of(passage.step()), school);
    }

    /** The grid of a passage whose landing is known. */
    public static PulseGrid of(Passage passage, Landing landing, CountSchool school) {
        Step step = passage.step();
        Meter meter = step.meter();
        Fraction click = clickOf(step);
        Fraction from = meter.bar().times(Math.min(0, passage.firstBar() - 1L));
        Fraction target = landing.at().minus(landing.off());
        Fraction last = target.isLessThan(landing.at()) ? landing.at() : target;
        if (last.isLessThan(passage.lastAttack())) last = passage.lastAttack();
        Fraction to = meter.nextBeat(last);
        List<Tick> ticks = new ArrayList<>();
        for (Fraction beat = from; beat.isLessThan(to); beat = meter.nextBeat(beat)) {
            Fraction next = meter.nextBeat(beat);
            for (Fraction at = beat; at.isLessThan(next); at = at.plus(click)) ticks.add(tick(at, meter, school));
        }
        return new PulseGrid(from, to, click, ticks);
    }

    /** The distance by which the place of a step is nudged. */
    public static Fraction clickOf(Step step) {
        return clickOf(step.figure(), step.meter());
    }

    private static Fraction clickOf(Figure figure, Meter meter) {
        boolean ternary = figure.click().denominator() % 3 == 0;
        return ternary && !meter.isCompound() && !meter.isIrregular() ? TRIPLET : SIXTEENTH;
    }

    private static Tick tick(Fraction at, Meter meter, CountSchool school) {
        Count count = Count.of(at, meter);
        int weight = !count.isOnBeat() ? 2 : count.beat() == 1 ? 0 : 1;
        return new Tick(at, meter.barOf(at), count, Count.said(at, meter, school), weight);
    }

    /** By what a start is moved: the clicks of the figure, or the places of a division. */
    public enum Snap implements Identified {
        CLICKS,
        EIGHTHS,
        SIXTEENTHS,
        TRIPLETS;

        private Grid grid(Figure figure, Meter meter) {
            return switch (this) {
                case CLICKS -> clickOf(figure, meter).equals(TRIPLET) ? Grid.TRIPLETS : Grid.SIXTEENTHS;
                case EIGHTHS -> Grid.EIGHTHS;
                case SIXTEENTHS -> Grid.SIXTEENTHS;
                case TRIPLETS -> Grid.TRIPLETS;
            };
        }

        /** The places at which this lets a start stand, earliest first; never empty. */
        List<Fraction> places(Figure figure, Meter meter) {
            Grid grid = grid(figure, meter);
            List<Fraction> own = PulseGrid.places(meter).stream()
                    .filter(place -> place.grids.contains(grid))
                    .map(Place::at)
                    .toList();
            // Bars of nothing but ternary beats have no triplets: their eighths are.
            return own.isEmpty() ? EIGHTHS.places(figure, meter) : own;
        }
    }

    /**
     * The place so many places of a division away, within the bar before and the first; from between two of them first to
     * the next on that side.
     */
    public static Fraction nudged(Rhythm rhythm, int by, Snap snap) {
        List<Fraction> places = snap.places(rhythm.figure(), rhythm.meter());
        int exact = places.indexOf(rhythm.place());
        int at = exact;
        if (exact < 0) {
            int after = 0;
            while (after < places.size() && !rhythm.place().isLessThan(places.get(after))) after++;
            at = after - (by > 0 ? 1 : 0);
        }
        return places.get(Math.min(places.size() - 1, Math.max(0, at + by)));
    }

    /** The place of a division nearest to a position, in whole notes from the downbeat: the earlier of two as near. */
    public static Fraction nearest(Rhythm rhythm, double position, Snap snap) {
        return snap.places(rhythm.figure(), rhythm.meter()).stream()
                .min(Comparator.comparingDouble(place -> Math.abs(place.toDouble() - position)))
                .orElseThrow();
    }

    /** Every place where a line can start in a meter, earliest first, of all divisions; worked out once for each meter. */
    public static List<Place> places(Meter meter) {
        return PLACES.computeIfAbsent(meter, PulseGrid::everyPlace);
    }

    private static List<Place> everyPlace(Meter meter) {
        TreeMap<Fraction, List<Grid>> places = new TreeMap<>();
        Fraction from = meter.bar().negated();
        for (Fraction beat = from; beat.isLessThan(meter.bar()); beat = meter.nextBeat(beat)) {
            Fraction next = meter.nextBeat(beat);
            places.computeIfAbsent(beat, at -> new ArrayList<>()).add(Grid.BEATS);
            divide(beat, next, Fraction.of(1, 8), Grid.EIGHTHS, places);
            divide(beat, next, SIXTEENTH, Grid.SIXTEENTHS, places);
            if (!meter.isTernary(meter.beatOf(beat))) divide(beat, next, TRIPLET, Grid.TRIPLETS, places);
        }
        places.remove(from);
        List<Place> all = new ArrayList<>();
        places.forEach((at, grids) -> all.add(new Place(at, Count.of(at, meter), List.copyOf(grids))));
        return List.copyOf(all);
    }

    private static void divide(
            Fraction beat, Fraction next, Fraction by, Grid grid, TreeMap<Fraction, List<Grid>> places) {
        for (Fraction at = beat; at.isLessThan(next); at = at.plus(by)) {
            places.computeIfAbsent(at, key -> new ArrayList<>()).add(grid);
        }
    }
}
