package pebblestep.core.metronome;

import java.util.ArrayList;
import java.util.List;
import pebblestep.core.passage.Metronome;
import pebblestep.core.passage.Passage;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;

/**
 * Which clicks sound with a passage: the count-in of whole bars, then every beat to the end of the last bar. A pickup
 * starts inside a bar of its own, after the count-in.
 *
 * @param start where the first click stands
 * @param end end of the last bar: where the next repetition would start its bar
 * @param clicks in order
 */
public record ClickPlan(Fraction start, Fraction end, List<Click> clicks) {
    public ClickPlan {
        clicks = List.copyOf(clicks);
    }

    /** The plan of one repetition, as the step asks for it. */
    public static ClickPlan of(Passage passage) {
        Meter meter = passage.step().meter();
        Metronome wish = passage.step().metronome();
        int firstBar = passage.firstBar();
        Fraction end = passage.last().at().plus(passage.last().value());
        List<Click> clicks = new ArrayList<>();
        int bar = firstBar - wish.countInBars();
        Fraction start = meter.bar().times(bar - 1L);
        Fraction downbeat = start;
        while (downbeat.isLessThan(end)) {
            for (int beat = 1; beat <= meter.beats(); beat++) {
                Fraction at = downbeat.plus(meter.positionOf(beat));
                clicks.add(new Click(at, beat, wish.accent() && beat == 1, bar < firstBar));
            }
            bar++;
            downbeat = downbeat.plus(meter.bar());
        }
        return new ClickPlan(start, downbeat, clicks);
    }
}
