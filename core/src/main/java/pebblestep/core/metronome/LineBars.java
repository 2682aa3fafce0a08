package pebblestep.core.metronome;

import pebblestep.core.passage.Passage;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;

/** The whole bars that a line takes: from the bar of its first note to the end of the bar in which its last note ends. */
final class LineBars {
    private LineBars() {}

    /** How many they are; the next repetition starts its bar right behind them. */
    static int count(Passage passage) {
        Meter meter = passage.step().meter();
        Fraction end = passage.last().at().plus(passage.last().value());
        int bar = passage.firstBar();
        while (meter.downbeat(bar).isLessThan(end)) bar++;
        return bar - passage.firstBar();
    }
}
