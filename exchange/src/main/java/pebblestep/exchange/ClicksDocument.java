package pebblestep.exchange;

import java.util.List;
import pebblestep.core.metronome.ClickPlan;
import pebblestep.core.passage.Passage;

/**
 * A click plan as JSON. Milliseconds count from the first attack of the passage, so the count-in is negative; {@code
 * endMs} is where the next repetition would start its bar. All bars, those of the count-in first, are {@code barMs} long.
 */
public record ClicksDocument(
        double startMs, double endMs, double barMs, int bars, int countInBars, List<ClickPart> clicks) {

    /** One click: exact position, the beat it counts, and when it sounds; {@code x} is its position as a number. */
    public record ClickPart(
            String at, double x, double ms, int beat, boolean accent, boolean countIn, boolean between) {}

    /** The plan of a passage at its tempo. */
    public static ClicksDocument of(ClickPlan plan, Passage passage) {
        return new ClicksDocument(
                Rounded.of(passage.millisAt(plan.start())),
                Rounded.of(passage.millisAt(plan.end())),
                passage.step().tempo().millis(passage.step().meter().bar()),
                Math.toIntExact(plan.end()
                        .minus(plan.start())
                        .dividedBy(passage.step().meter().bar())
                        .floor()),
                passage.step().metronome().countInBars(),
                plan.clicks().stream()
                        .map(click -> new ClickPart(
                                click.at().toString(),
                                click.at().toDouble(),
                                Rounded.of(passage.millisAt(click.at())),
                                click.beat(),
                                click.accent(),
                                click.countIn(),
                                click.between()))
                        .toList());
    }
}
