package pebblestep.core.passage.landing;

import pebblestep.core.Words;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Target;
import pebblestep.core.passage.Timing;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.ValueName;

/** Says a landing, each thing when it is asked for. */
public record LandingWords(Landing landing, Speech speech) {

    /** How far it is off, without a sign: {@code one quarter}; empty when it lands. */
    public String distance() {
        return landing.lands()
                ? ""
                : ValueName.length(landing.off(), landing.step().rhythm().click(), speech.names());
    }

    /**
     * Where it ends and how far that is off: {@code Ends on the & of 4 of bar 2, one eighth short of beat 1.} Of a walk, how
     * all its keys land.
     */
    public String sentence() {
        Step step = landing.step();
        if (step.walk().isPresent()) return WalkLanding.of(step).sentence(speech);
        Count count = landing.count();
        Target.Arriving note = step.target().note();
        boolean last = note == Target.Arriving.LAST;
        String where = (count.isOnBeat() ? "beat " : "")
                + count.inWords(speech.school())
                + (landing.bar() < 1 ? " of the pickup" : " of bar " + landing.bar());
        String who = last ? "" : Words.capital(note.words()) + " ";
        if (landing.lands()) return who + (last ? "Lands on " : "lands on ") + where + ".";
        return who + (last ? "Ends on " : "comes on ") + where + ", " + distance()
                + (landing.off().signum() > 0 ? " past " : " short of ")
                + step.target().inWords(step.meter(), speech.school()) + ".";
    }

    /** The arithmetic that led there: how long the way to the arriving note is, in bars and clicks. */
    public String why() {
        Step step = landing.step();
        if (step.walk().isPresent()) {
            WalkLanding walk = WalkLanding.of(step);
            WalkLanding.OfStation said = walk.stations().stream()
                    .filter(one -> !one.landing().lands())
                    .findFirst()
                    .orElse(walk.stations().getFirst());
            return said.key() + ": " + said.alone().words(speech).why();
        }
        Fraction onset = landing.at();
        Fraction off = landing.off();
        Meter meter = step.meter();
        Fraction click = step.rhythm().click();
        Fraction start = step.place();
        Fraction way = onset.minus(start);
        boolean plain = step.rhythm().isEven() && step.rhythm().hold().isEmpty();
        long before = plain
                ? way.dividedBy(click).floor()
                : Timing.of(step).attacks().stream()
                        .filter(attack -> attack.at().isLessThan(onset))
                        .count();
        boolean even = step.figure().even().isPresent()
                && way.equals(step.figure().even().get().times(before));
        String notes = even
                ? ValueName.many(before, click, speech.names()) + (before == 1 ? " comes" : " come")
                : Words.counted(before, "note") + (before == 1 ? " comes" : " come");
        String name = step.target().note() == Target.Arriving.LAST
                ? "the last note"
                : step.target().note().words();
        String from = start.isZero()
                ? ""
                : ", and it starts on " + Count.of(start, meter).inWords(speech.school());
        return notes + " before " + name + ": " + inBars(way, meter, click, even, speech) + from + "; "
                + (off.isZero() ? "that arrives." : arrival(step, off, click, speech));
    }

    private static String arrival(Step step, Fraction off, Fraction click, Speech speech) {
        return ValueName.length(off, click, speech.names()) + (off.signum() > 0 ? " too many" : " too few") + " for "
                + step.target().inWords(step.meter(), speech.school()) + ".";
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
        String whole = Words.counted(bars, "bar");
        return rest.isZero() ? whole : whole + " and " + clicks;
    }
}
