package pebblestep.core.practice;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.PassageNote;
import pebblestep.core.rhythm.Fraction;

/**
 * A player that taps a passage with faults that are known beforehand: a stand-in for a person, for tests and the demo. The
 * same player always taps the same.
 *
 * @param biasMillis how late every tap is
 * @param jitterMillis standard deviation of each tap
 * @param drift share by which the taps get slower: 0.01 is a hundredth
 * @param misses share of the notes that are not tapped
 * @param extras share of the notes after which a tap too many comes
 * @param off by how much the place is missed, in whole notes: later positive
 */
public record SimulatedPlayer(
        double biasMillis, double jitterMillis, double drift, double misses, double extras, Fraction off, long seed) {

    /** A player who is late by so much and unsteady by so much. */
    public static SimulatedPlayer of(double biasMillis, double jitterMillis, long seed) {
        return new SimulatedPlayer(biasMillis, jitterMillis, 0, 0, 0, Fraction.of(0), seed);
    }

    /** The same with taps that get slower, or faster. */
    public SimulatedPlayer drifting(double share) {
        return new SimulatedPlayer(biasMillis, jitterMillis, share, misses, extras, off, seed);
    }

    /** The same with notes left out and taps too many. */
    public SimulatedPlayer careless(double missing, double tooMany) {
        return new SimulatedPlayer(biasMillis, jitterMillis, drift, missing, tooMany, off, seed);
    }

    /** The same on another place. */
    public SimulatedPlayer displaced(Fraction by) {
        return new SimulatedPlayer(biasMillis, jitterMillis, drift, misses, extras, by, seed);
    }

    /** When each tap is, in milliseconds from the computed time of the first note. */
    public List<Double> taps(Passage passage) {
        Chance chance = new Chance(seed);
        double shift = biasMillis + passage.step().tempo().millis(off);
        List<Double> taps = new ArrayList<>();
        List<PassageNote> notes = passage.notes();
        for (int i = 0; i < notes.size(); i++) {
            double at = passage.millisAt(notes.get(i).at());
            double tap = at * (1 + drift) + shift + jitterMillis * chance.nextGaussian();
            if (chance.nextDouble() >= misses) taps.add(tap);
            double next =
                    i + 1 < notes.size() ? passage.millisAt(notes.get(i + 1).at()) : at + 400;
            if (chance.nextDouble() < extras) taps.add(tap + (next - at) / 2);
        }
        Collections.sort(taps);
        return taps;
    }
}
