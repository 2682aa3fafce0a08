package pebblestep.core.minutes;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import pebblestep.core.metronome.ClickPlan;
import pebblestep.core.passage.Passage;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Tempo;

/**
 * How long one repetition of a passage is. It takes whole bars, because the click goes on to the end of the bar in which
 * the last note ends; a pickup takes a bar of its own.
 *
 * @param played length of its whole bars, in whole notes
 * @param countIn length of the bars counted before the first repetition, in whole notes
 */
public record Repetition(Fraction played, Fraction countIn) {
    private static final BigDecimal MINUTE_MILLIS = BigDecimal.valueOf(60_000);

    /** The repetition of a passage. */
    public static Repetition of(Passage passage) {
        ClickPlan plan = ClickPlan.of(passage);
        Fraction bar = passage.step().meter().bar();
        Fraction countIn = bar.times(passage.step().metronome().countInBars());
        return new Repetition(plan.end().minus(plan.start()).minus(countIn), countIn);
    }

    /** Its time at a tempo, rounded up to whole milliseconds so that it never claims less than it takes. */
    public Duration at(Tempo tempo) {
        return duration(played, tempo);
    }

    /** Time of the count-in at a tempo. */
    public Duration countInAt(Tempo tempo) {
        return duration(countIn, tempo);
    }

    /** Beats times 60/bpm seconds. */
    private static Duration duration(Fraction length, Tempo tempo) {
        Fraction beats = length.dividedBy(tempo.beat());
        BigDecimal millis = BigDecimal.valueOf(beats.numerator())
                .multiply(MINUTE_MILLIS)
                .divide(
                        BigDecimal.valueOf(beats.denominator())
                                .multiply(tempo.bpm().value()),
                        0,
                        RoundingMode.CEILING);
        return Duration.ofMillis(millis.longValueExact());
    }
}
