package pebblestep.core.metronome;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import pebblestep.core.passage.Passage;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Groove;
import pebblestep.core.rhythm.Groove.Drum;
import pebblestep.core.rhythm.Groove.Part;
import pebblestep.core.rhythm.Groove.Stroke;
import pebblestep.core.rhythm.Meter;

/**
 * Which drums sound with a passage, in the bars of the line and not in the count-in; none where the step asks for clicks.
 * Bars that are to be silent have no drum.
 *
 * @param hits in time, and at the same moment from the lowest drum up
 */
public record GroovePlan(List<Hit> hits) {
    private static final Comparator<Hit> ORDER = Comparator.comparing(Hit::at).thenComparing(Hit::drum);

    public GroovePlan {
        hits = List.copyOf(hits);
    }

    /**
     * One stroke.
     *
     * @param at exact position from the downbeat of bar 1
     * @param drum what is struck
     * @param strong whether it is struck strongly
     */
    public record Hit(Fraction at, Drum drum, boolean strong) {}

    /** The plan of one repetition, as the step asks for it. */
    public static GroovePlan of(Passage passage) {
        return of(passage, 1);
    }

    /** The plan of a line played so many times without a break; silent bars take their turns on through all of it. */
    public static GroovePlan of(Passage passage, int times) {
        return of(passage, times, passage.step().metronome()::sounds);
    }

    /** One repetition in which no bar has its turn to be silent: what each of its bars sounds like when it sounds. */
    public static GroovePlan ofEveryBar(Passage passage) {
        return of(passage, 1, bar -> true);
    }

    private static GroovePlan of(Passage passage, int times, IntPredicate sounds) {
        Meter meter = passage.step().meter();
        List<Hit> hits = new ArrayList<>();
        passage.step().metronome().groove().ifPresent(groove -> IntStream.range(0, LineBars.count(passage) * times)
                .filter(sounds)
                .forEach(bar -> hits.addAll(bar(groove, meter, meter.downbeat(passage.firstBar() + bar)))));
        hits.sort(ORDER);
        return new GroovePlan(hits);
    }

    private static List<Hit> bar(Groove groove, Meter meter, Fraction downbeat) {
        List<Hit> hits = new ArrayList<>();
        for (int beat = 1; beat <= meter.beats(); beat++) {
            Fraction at = downbeat.plus(meter.positionOf(beat));
            Part part = Part.of(beat);
            for (Stroke stroke : meter.isTernary(beat) ? groove.inThree(part) : groove.inTwo(part)) {
                hits.add(new Hit(at.plus(stroke.share().times(meter.lengthOf(beat))), stroke.drum(), stroke.strong()));
            }
        }
        return hits;
    }
}
