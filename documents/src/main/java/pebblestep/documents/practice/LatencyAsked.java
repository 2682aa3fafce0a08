package pebblestep.documents.practice;

import java.util.List;
import pebblestep.core.Refusal;
import pebblestep.core.practice.Latency;
import pebblestep.documents.Rounded;

/**
 * How late sounds are heard, by taps along with a steady click.
 *
 * @param taps milliseconds from the first click as it was meant
 */
public record LatencyAsked(List<Double> taps) {
    private static final int MOST_TAPS = 100;

    /** How late sounds are heard. */
    public record LatencyAnswer(double ms, double spreadMs, String sentence) {}

    /** Works it out; refuses taps that cannot tell. */
    public LatencyAnswer answer() {
        if (taps.size() > MOST_TAPS) throw Refusal.of("taps", "At most " + MOST_TAPS + " taps at once.");
        Latency latency = Latency.of(taps);
        return new LatencyAnswer(Rounded.of(latency.millis()), Rounded.of(latency.spreadMillis()), latency.sentence());
    }
}
