package pebblestep.core.passage.landing;

import java.util.List;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.ValueName;

/**
 * Where the last note of a step falls, and how far that is from the beat where it should fall.
 *
 * <p>With M the bar, T the target's position in it and L the onset of the last note, the residue is r = (L - T) mod M.
 * It lands when r is 0; up to half a bar it is past the target by r, beyond that short of it by M - r.
 *
 * @param at onset of the last note, from the downbeat of bar 1
 * @param bar the bar it stands in, from 1; 0 in a pickup
 * @param count its counting word
 * @param off signed distance from the target: past positive, short negative, 0 when it lands
 * @param clicks the same, counted in notes of the figure
 * @param sentence the same, in words
 * @param fixes every small change that lands it, least change first; empty when it lands
 */
public record Landing(
        Fraction at, int bar, Count count, Fraction off, Fraction clicks, String sentence, List<LandingFix> fixes) {
    public Landing {
        fixes = List.copyOf(fixes);
    }

    /** The landing of a passage. */
    public static Landing of(Passage passage) {
        return of(passage.step());
    }

    /** The landing of a step; it depends on nothing but how many notes there are, their values and the place. */
    public static Landing of(Step step) {
        Fraction off = off(step);
        Fraction at = onsetOfLast(step);
        Meter meter = step.meter();
        Count count = Count.of(at, meter);
        int bar = meter.barOf(at);
        Fraction click = step.figure().value();
        return new Landing(
                at,
                bar,
                count,
                off,
                off.dividedBy(click),
                sentence(step, count, bar, off),
                off.isZero() ? List.of() : LandingFixes.of(step));
    }

    /** Whether the last note falls on its target. */
    public boolean lands() {
        return off.isZero();
    }

    static Fraction onsetOfLast(Step step) {
        int notes = step.line().noteCount(step.key().form());
        return step.place().plus(step.figure().value().times(notes - 1L));
    }

    /** The signed residue of a step. */
    static Fraction off(Step step) {
        Fraction bar = step.meter().bar();
        Fraction residue = onsetOfLast(step).minus(step.target()).mod(bar);
        boolean past = residue.times(2).compareTo(bar) <= 0;
        return past ? residue : residue.minus(bar);
    }

    private static String sentence(Step step, Count count, int bar, Fraction off) {
        String where =
                (count.isOnBeat() ? "beat " : "") + count.inWords() + (bar < 1 ? " of the pickup" : " of bar " + bar);
        if (off.isZero()) return "Lands on " + where + ".";
        return "Ends on " + where + ", " + ValueName.length(off, step.figure().value())
                + (off.signum() > 0 ? " past" : " short of") + " beat " + step.landingBeat() + ".";
    }
}
