package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import pebblestep.core.Words;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.ValueName;

/** Finds the places of other divisions that lie close to the one a step starts on, and so are confused with it. */
public final class ConfusablePlaces {
    private static final int MOST = 3;
    /** Closer than a sixth of a beat, two places are easily confused (common practice, no source). */
    private static final Fraction CLOSE = Fraction.of(1, 6);

    private ConfusablePlaces() {}

    /**
     * One near place.
     *
     * @param place where the step would start on it
     * @param count its counting word
     * @param division the division it belongs to
     * @param apart signed distance from the step's own place, in whole notes: later positive
     * @param millis the same at the step's tempo
     * @param sentence what to do about it
     * @param step the step on that place
     */
    public record Near(
            Fraction place, Count count, String division, Fraction apart, double millis, String sentence, Step step) {}

    /** The nearest places of other divisions within the beat, nearest first; none for a start on the beat. */
    public static List<Near> of(Step step, Speech speech) {
        Meter meter = step.meter();
        Fraction place = step.place();
        Fraction beat = meter.beatStart(place);
        Fraction length = meter.lengthOf(meter.beatOf(place));
        Fraction own = place.minus(beat).dividedBy(length);
        if (own.isZero() || meter.isTernary(meter.beatOf(place))) return List.of();
        Map<Fraction, Integer> candidates = new TreeMap<>();
        for (int division : new int[] {2, 4, 3}) {
            for (int part = 1; part < division; part++) {
                candidates.putIfAbsent(Fraction.of(part, division), division);
            }
        }
        List<Near> found = new ArrayList<>();
        candidates.forEach((share, division) -> {
            Fraction apart = share.minus(own).times(length);
            if (apart.isZero() || share.minus(own).abs().compareTo(CLOSE) > 0) return;
            found.add(near(step, beat.plus(share.times(length)), apart, division(length, division, speech), speech));
        });
        return found.stream()
                .sorted(Comparator.comparing((Near near) -> near.apart().abs()).thenComparing(Near::place))
                .limit(MOST)
                .toList();
    }

    private static String division(Fraction beat, int parts, Speech speech) {
        return parts == 3 ? "triplets" : ValueName.plural(beat.dividedBy(Fraction.of(parts)), speech.names());
    }

    private static Near near(Step step, Fraction place, Fraction apart, String division, Speech speech) {
        Meter meter = step.meter();
        Count own = Count.of(step.place(), meter);
        Count other = Count.of(place, meter);
        double millis = step.tempo().millis(apart);
        String sentence =
                Words.capital(own.inWords(speech.school())) + " and " + other.inWords(speech.school()) + " are "
                        + Words.decimal(Math.abs(millis)) + " ms apart at "
                        + step.tempo().bpm() + ": play a bar on one and a bar on the other, back to back.";
        return new Near(place, other, division, apart, millis, sentence, step.withPlace(place));
    }
}
