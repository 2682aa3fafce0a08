package pebblestep.core.metronome;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Metronome;
import pebblestep.core.passage.Metronome.Clicks;
import pebblestep.core.passage.Passage;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;

/**
 * Which clicks sound with a passage: the count-in of whole bars on every beat, then what the step asks for, to the end of
 * the last bar; bars that are to be silent have no click. A pickup starts inside a bar of its own, after the count-in.
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
        return of(passage, 1);
    }

    /**
     * The plan of a line played so many times without a break, counted in once. Silent bars take their turns on through all
     * of it: where a line of two bars meets two that sound and two that are silent, every second repetition is silent.
     * Refuses fewer than one repetition.
     */
    public static ClickPlan of(Passage passage, int times) {
        if (times < 1) throw Refusal.of("times", "A line is played once at least, not " + times + " times.");
        return of(passage, times, passage.step().metronome()::sounds);
    }

    /** One repetition in which no bar has its turn to be silent: what each of its bars sounds like when it sounds. */
    public static ClickPlan ofEveryBar(Passage passage) {
        return of(passage, 1, bar -> true);
    }

    private static ClickPlan of(Passage passage, int times, IntPredicate sounds) {
        Meter meter = passage.step().meter();
        Metronome wish = passage.step().metronome();
        int from = passage.firstBar();
        int played = LineBars.count(passage) * times;
        List<Click> clicks = new ArrayList<>();
        for (int bar = -wish.countInBars(); bar < played; bar++) {
            boolean countIn = bar < 0;
            // Drums take the place of clicks once the line has begun.
            boolean silent = !countIn && (wish.groove().isPresent() || !sounds.test(bar));
            if (!silent) clicks.addAll(bar(meter, from + bar, countIn, passage));
        }
        return new ClickPlan(meter.downbeat(from - wish.countInBars()), meter.downbeat(from + played), clicks);
    }

    private static List<Click> bar(Meter meter, int bar, boolean countIn, Passage passage) {
        Metronome wish = passage.step().metronome();
        Clicks which = countIn ? Clicks.BEATS : wish.clicks();
        List<Click> clicks = new ArrayList<>();
        for (int beat = 1; beat <= meter.beats(); beat++) {
            Fraction at = meter.downbeat(bar).plus(meter.positionOf(beat));
            if (sounds(which, beat, wish)) {
                clicks.add(new Click(at, beat, wish.accent() && beat == 1, countIn, false));
            }
            if (which != Clicks.SUBDIVISIONS) continue;
            int parts = parts(meter, beat, passage);
            for (int part = 1; part < parts; part++) {
                Fraction between = meter.lengthOf(beat).times(Fraction.of(part, parts));
                clicks.add(new Click(at.plus(between), beat, false, false, true));
            }
        }
        return clicks;
    }

    private static boolean sounds(Clicks which, int beat, Metronome wish) {
        return switch (which) {
            case BEATS, SUBDIVISIONS -> true;
            case ONE -> beat == 1;
            case TWO_AND_FOUR -> beat % 2 == 0;
            case CHOSEN -> wish.beats().contains(beat);
            case NONE -> false;
        };
    }

    /** Into how many parts a beat is clicked: three where it or the figure divides so, else two. */
    private static int parts(Meter meter, int beat, Passage passage) {
        boolean triplets = passage.step().figure().click().denominator() % 3 == 0;
        return meter.isTernary(beat) || triplets ? 3 : 2;
    }
}
