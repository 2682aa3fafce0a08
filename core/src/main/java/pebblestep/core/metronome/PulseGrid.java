package pebblestep.core.metronome;

import java.util.ArrayList;
import java.util.List;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.landing.Landing;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;

/**
 * The pulse that a passage lies on: whole bars cut into clicks, each with its counting word. A click is the distance by
 * which a place is nudged: a sixteenth, or a triplet eighth for triplet figures.
 *
 * @param from downbeat of the first bar shown
 * @param to end of the last beat shown: behind the last note and behind the target
 * @param click distance between two ticks
 * @param ticks in order
 * @param places every place on the grid where the line could start, earliest first
 */
public record PulseGrid(Fraction from, Fraction to, Fraction click, List<Tick> ticks, List<Place> places) {
    private static final Fraction SIXTEENTH = Fraction.of(1, 16);
    private static final Fraction TRIPLET = Fraction.of(1, 12);

    public PulseGrid {
        ticks = List.copyOf(ticks);
        places = List.copyOf(places);
    }

    /**
     * One click of the grid.
     *
     * @param at its position
     * @param bar its bar, from 1; 0 and below before the first downbeat
     * @param count its counting word
     * @param weight 0 on a downbeat, 1 on another beat, 2 between beats
     */
    public record Tick(Fraction at, int bar, Count count, int weight) {}

    /** A place where a line can start, and the count it is on. */
    public record Place(Fraction at, Count count) {}

    /** The grid of a passage. */
    public static PulseGrid of(Passage passage) {
        Step step = passage.step();
        Meter meter = step.meter();
        Landing landing = Landing.of(step);
        Fraction click = clickOf(step);
        Fraction from = meter.bar().times(Math.min(0, passage.firstBar() - 1L));
        Fraction target = landing.at().minus(landing.off());
        Fraction last = target.isLessThan(landing.at()) ? landing.at() : target;
        Fraction to = meter.beat().times(last.dividedBy(meter.beat()).floor() + 1);
        List<Tick> ticks = new ArrayList<>();
        for (Fraction at = from; at.isLessThan(to); at = at.plus(click)) ticks.add(tick(at, meter));
        return new PulseGrid(from, to, click, ticks, places(meter, click));
    }

    /** The distance by which the place of a step is nudged. */
    public static Fraction clickOf(Step step) {
        boolean ternary = step.figure().value().denominator() % 3 == 0;
        return ternary ? TRIPLET : SIXTEENTH;
    }

    private static Tick tick(Fraction at, Meter meter) {
        Count count = Count.of(at, meter);
        int weight = !count.isOnBeat() ? 2 : count.beat() == 1 ? 0 : 1;
        return new Tick(at, meter.barOf(at), count, weight);
    }

    private static List<Place> places(Meter meter, Fraction click) {
        List<Place> places = new ArrayList<>();
        for (Fraction at = meter.bar().negated().plus(click); at.isLessThan(meter.bar()); at = at.plus(click)) {
            places.add(new Place(at, Count.of(at, meter)));
        }
        return places;
    }
}
