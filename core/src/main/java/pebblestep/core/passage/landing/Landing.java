package pebblestep.core.passage.landing;

import java.util.List;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Target;
import pebblestep.core.passage.Timing;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.ValueName;

/**
 * Where the arriving note of a step falls (the last one as a rule), and how far that is from where it should fall.
 *
 * <p>With M the bar, T the target's position in it and L the onset of the note, the residue is r = (L - T) mod M. It
 * lands when r is 0; up to half a bar it is past the target by r, beyond that short of it by M - r.
 *
 * @param at onset of the note, from the downbeat of bar 1
 * @param bar the bar it stands in, from 1; 0 in a pickup
 * @param count its counting word
 * @param off signed distance from the target: past positive, short negative, 0 when it lands
 * @param clicks the same, counted in clicks of the figure
 * @param distance the same without its sign, in words: {@code one quarter}; empty when it lands
 * @param sentence the same, in words
 * @param why the arithmetic that led there, in words
 * @param fixes every small change that lands it, least change first; empty when it lands
 */
public record Landing(
        Fraction at,
        int bar,
        Count count,
        Fraction off,
        Fraction clicks,
        String distance,
        String sentence,
        String why,
        List<LandingFix> fixes) {
    public Landing {
        fixes = List.copyOf(fixes);
    }

    /** The landing of a passage. */
    public static Landing of(Passage passage) {
        return of(passage.step());
    }

    /** The landing of a step, in the usual words. */
    public static Landing of(Step step) {
        return of(step, Speech.USUAL);
    }

    /** The landing of a step; it depends on nothing but how many notes there are, their values and the place. */
    public static Landing of(Step step, Speech speech) {
        Fraction at = onset(step);
        Fraction off = off(step, at);
        Meter meter = step.meter();
        Count count = Count.of(at, meter);
        int bar = meter.barOf(at);
        return new Landing(
                at,
                bar,
                count,
                off,
                off.dividedBy(step.rhythm().click()),
                off.isZero() ? "" : ValueName.length(off, step.rhythm().click(), speech.names()),
                sentence(step, count, bar, off, speech),
                Why.of(step, at, off, speech),
                off.isZero() ? List.of() : LandingFixes.of(step, off, speech));
    }

    /** Whether the note falls on its target. */
    public boolean lands() {
        return off.isZero();
    }

    static Fraction onset(Step step) {
        return Timing.arrival(step);
    }

    /** The signed residue of a step. */
    static Fraction off(Step step) {
        return off(step, onset(step));
    }

    private static Fraction off(Step step, Fraction onset) {
        Fraction bar = step.meter().bar();
        Fraction residue = onset.minus(step.target().in(step.meter())).mod(bar);
        boolean past = residue.times(2).compareTo(bar) <= 0;
        return past ? residue : residue.minus(bar);
    }

    private static String sentence(Step step, Count count, int bar, Fraction off, Speech speech) {
        Target.Arriving note = step.target().note();
        boolean last = note == Target.Arriving.LAST;
        String where =
                (count.isOnBeat() ? "beat " : "") + count.inWords() + (bar < 1 ? " of the pickup" : " of bar " + bar);
        String who = last ? "" : capital(note.words()) + " ";
        if (off.isZero()) return who + (last ? "Lands on " : "lands on ") + where + ".";
        return who + (last ? "Ends on " : "comes on ") + where + ", "
                + ValueName.length(off, step.rhythm().click(), speech.names())
                + (off.signum() > 0 ? " past " : " short of ")
                + step.target().inWords(step.meter()) + ".";
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + words.substring(1);
    }
}
