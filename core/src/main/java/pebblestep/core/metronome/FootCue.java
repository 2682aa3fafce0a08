package pebblestep.core.metronome;

import java.util.ArrayList;
import java.util.List;
import pebblestep.core.passage.Passage;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;

/**
 * When the foot taps: on the beats that the step asks for, or on beats 2, 4 and so on where it asks for none; on beat 1
 * in bars of one beat. The count-in has them too, so that the foot is in before the line is.
 *
 * @param taps exact positions from the downbeat of bar 1, in order
 */
public record FootCue(List<Fraction> taps) {
    public FootCue {
        taps = List.copyOf(taps);
    }

    /** The cue of one repetition, count-in first. */
    public static FootCue of(Passage passage) {
        Meter meter = passage.step().meter();
        List<Integer> beats = beats(passage, meter);
        ClickPlan plan = ClickPlan.of(passage);
        List<Fraction> taps = new ArrayList<>();
        for (Fraction bar = plan.start(); bar.isLessThan(plan.end()); bar = bar.plus(meter.bar())) {
            for (int beat : beats) taps.add(bar.plus(meter.positionOf(beat)));
        }
        return new FootCue(taps);
    }

    private static List<Integer> beats(Passage passage, Meter meter) {
        List<Integer> asked = passage.step().metronome().foot();
        if (!asked.isEmpty()) return asked;
        List<Integer> even = new ArrayList<>();
        for (int beat = 2; beat <= meter.beats(); beat += 2) even.add(beat);
        return even.isEmpty() ? List.of(1) : even;
    }
}
