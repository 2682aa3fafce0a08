package pebblestep.core.passage.landing;

import pebblestep.core.passage.Step;
import pebblestep.core.passage.Target;
import pebblestep.core.passage.Timing;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.ValueName;

/** Says the arithmetic of a landing: how long the way to the arriving note is, in bars and clicks. */
final class Why {
    private Why() {}

    static String of(Step step, Fraction onset, Fraction off, Speech speech) {
        Meter meter = step.meter();
        Fraction click = step.rhythm().click();
        Fraction start = step.place();
        Fraction way = onset.minus(start);
        boolean plain = step.figure().even().isPresent()
                && step.rhythm().legs().isEmpty()
                && step.rhythm().tonicValue().isEmpty()
                && step.rhythm().hold().isEmpty();
        long before = plain
                ? way.dividedBy(click).floor()
                : Timing.of(step).attacks().stream()
                        .filter(attack -> attack.at().isLessThan(onset))
                        .count();
        boolean even = step.figure().even().isPresent()
                && way.equals(step.figure().even().get().times(before));
        String notes = even
                ? ValueName.many(before, click, speech.names()) + (before == 1 ? " comes" : " come")
                : before + (before == 1 ? " note comes" : " notes come");
        String name = step.target().note() == Target.Arriving.LAST
                ? "the last note"
                : step.target().note().words();
        String from = start.isZero()
                ? ""
                : ", and it starts on " + Count.of(start, meter).inWords();
        return notes + " before " + name + ": " + inBars(way, meter, click, even, speech) + from + "; "
                + (off.isZero() ? "that arrives." : arrival(step, off, click, speech));
    }

    private static String arrival(Step step, Fraction off, Fraction click, Speech speech) {
        return ValueName.length(off, click, speech.names()) + (off.signum() > 0 ? " too many" : " too few") + " for "
                + step.target().inWords(step.meter()) + ".";
    }

    /** A length as bars and clicks of an even figure, or as bars and a value: {@code 1 bar and 12 clicks}. */
    private static String inBars(Fraction length, Meter meter, Fraction click, boolean even, Speech speech) {
        long bars = length.dividedBy(meter.bar()).floor();
        Fraction rest = length.minus(meter.bar().times(bars));
        Fraction inClicks = rest.dividedBy(click);
        String clicks = even
                ? inClicks + (inClicks.equals(Fraction.ONE) ? " click" : " clicks")
                : ValueName.length(rest, click, speech.names());
        if (bars == 0) return clicks;
        String whole = bars + (bars == 1 ? " bar" : " bars");
        return rest.isZero() ? whole : whole + " and " + clicks;
    }
}
