package pebblestep.core.metronome;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import pebblestep.core.passage.Metronome;
import pebblestep.core.passage.Passage;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;

/** The whole bars that a line takes with its further voices: from the bar of its first note to that in which the last ends. */
public final class LineBars {
    private LineBars() {}

    /** How many they are; the next repetition starts its bar right behind them. */
    public static int count(Passage passage) {
        Meter meter = passage.step().meter();
        Fraction end = passage.end();
        int bar = passage.firstBar();
        while (meter.downbeat(bar).isLessThan(end)) bar++;
        return bar - passage.firstBar();
    }

    /** Which bars of a line sound when so many bars were played before it since the count-in: true for one that sounds. */
    public static List<Boolean> sounding(Passage passage, int before) {
        Metronome wish = passage.step().metronome();
        return IntStream.range(before, before + count(passage))
                .mapToObj(wish::sounds)
                .toList();
    }

    /** The same for a line that is played again and again, lap by lap until it comes round to the first. */
    public static List<List<Boolean>> rounds(Passage passage) {
        int bars = count(passage);
        int turns = passage.step().metronome().turns().size();
        List<List<Boolean>> rounds = new ArrayList<>();
        do {
            rounds.add(sounding(passage, rounds.size() * bars));
        } while (rounds.size() * bars % turns != 0);
        return rounds;
    }
}
