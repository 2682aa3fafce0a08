package pebblestep.core.passage.landing;

import java.util.List;
import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.Words;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Timing;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.Key;
import pebblestep.core.walk.Walk;

/**
 * Where a step lands in each key of its walk; one that does not walk lands once.
 *
 * @param step the whole
 * @param stations in order, never empty
 */
public record WalkLanding(Step step, List<OfStation> stations) {
    public WalkLanding {
        stations = List.copyOf(stations);
    }

    /**
     * The landing in one key.
     *
     * @param key the key, named as the step's is
     * @param landing at its position in the whole
     * @param alone the landing of the line alone, from the place on which it starts there
     */
    public record OfStation(Key key, Landing landing, Landing alone) {}

    /** The landings of a step. */
    public static WalkLanding of(Step step) {
        return of(step, stops(step));
    }

    /** The landings of a step through keys that are known. */
    static WalkLanding of(Step step, List<Walk.Stop> stops) {
        return new WalkLanding(
                step,
                Timing.arrivals(step, stops).stream()
                        .map(one -> new OfStation(
                                one.key(),
                                Landing.at(one.alone(), one.inWhole()),
                                Landing.at(one.alone(), one.arrival())))
                        .toList());
    }

    /** The landings of a step; empty where it has no note that could arrive, or cannot be laid out. */
    static Optional<WalkLanding> tryOf(Step step, List<Walk.Stop> stops) {
        try {
            return Optional.of(of(step, stops));
        } catch (Refusal e) {
            return Optional.empty();
        }
    }

    static List<Walk.Stop> stops(Step step) {
        return step.walk().map(walk -> walk.stops(step.key())).orElse(List.of());
    }

    /** Whether it lands in every key. */
    public boolean lands() {
        return stations.stream().allMatch(one -> one.landing().lands());
    }

    /** How far off the first key is that does not land; zero where all do. */
    Fraction off() {
        return stations.stream()
                .map(one -> one.landing().off())
                .filter(off -> !off.isZero())
                .findFirst()
                .orElse(Fraction.ZERO);
    }

    /**
     * All keys in a sentence or two: {@code All 7 keys land on beat 1.} {@code 5 of 7 keys land on beat 1. Key 3, A♭ major,
     * ends on the & of 2 of bar 6, one eighth past beat 1.}
     */
    public String sentence(Speech speech) {
        String target = step.target().inWords(step.meter(), speech.school());
        long land = stations.stream().filter(one -> one.landing().lands()).count();
        if (land == stations.size()) return "All " + Words.counted(land, "key") + " land on " + target + ".";
        OfStation first = stations.stream()
                .filter(one -> !one.landing().lands())
                .findFirst()
                .orElseThrow();
        String ends = Words.small(first.landing().words(speech).sentence());
        boolean alike = stations.stream()
                .allMatch(one -> one.landing().off().equals(first.landing().off()));
        if (alike) return "All " + Words.counted(stations.size(), "key") + " end alike: " + first.key() + " " + ends;
        return land + " of " + stations.size() + " keys land on " + target + ". Key " + (stations.indexOf(first) + 1)
                + ", " + first.key() + ", " + ends;
    }
}
