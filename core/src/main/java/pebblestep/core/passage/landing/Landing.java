package pebblestep.core.passage.landing;

import java.util.List;
import pebblestep.core.passage.Part;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Target;
import pebblestep.core.passage.Timing;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Speech;

/**
 * Where the arriving note of a step falls (the last one as a rule), and how far that is from where it should fall.
 *
 * <p>With M the bar, T the target's position in it and L the onset of the note, the residue is r = (L - T) mod M. It
 * lands when r is 0; up to half a bar it is past the target by r, beyond that short of it by M - r.
 *
 * @param step the step that lands, or does not
 * @param note the attack that arrives, from 0
 * @param at its onset, from the downbeat of bar 1
 * @param off signed distance from the target: past positive, short negative, 0 when it lands
 */
public record Landing(Step step, int note, Fraction at, Fraction off) {

    /**
     * The landing of a step's line, of a walk that of the first key that does not land, and of its last where all do; it
     * depends on nothing but how many notes there are, their values and the place.
     */
    public static Landing of(Step step) {
        if (step.walk().isEmpty() && step.solo().isEmpty()) return at(step, Timing.arrival(step));
        List<Landing> keys = Timing.arrivals(step, WalkLanding.stops(step)).stream()
                .map(one -> at(step, one.inWhole()))
                .toList();
        return keys.stream().filter(one -> !one.lands()).findFirst().orElse(keys.getLast());
    }

    /** The landing of a further voice: its last note, held against the step's target. */
    public static Landing of(Part part, Step step) {
        int last = part.notes().size() - 1;
        int lineNote = part.notes().get(last).lineNote();
        while (last > 0
                && part.notes().get(last - 1).lineNote() == lineNote
                && !part.voice().degree().isPresent()) last--;
        return at(
                step.withoutWalk().withTarget(step.target().of(Target.Arriving.LAST)),
                new Timing.Arrival(last, part.notes().get(last).at()));
    }

    static Landing at(Step step, Timing.Arrival arrival) {
        return new Landing(step, arrival.attack(), arrival.at(), off(step, arrival.at()));
    }

    /** Whether the note falls on its target. */
    public boolean lands() {
        return off.isZero();
    }

    /** The bar in which the note stands, from 1; 0 in a pickup. */
    public int bar() {
        return step.meter().barOf(at);
    }

    /** Its place in the bar, as it is counted. */
    public Count count() {
        return Count.of(at, step.meter());
    }

    /** The position that is the target: the one nearest to the note. */
    public Fraction target() {
        return at.minus(off);
    }

    /** How far it is off, counted in clicks of the figure. */
    public Fraction clicks() {
        return off.dividedBy(step.rhythm().click());
    }

    /** What is said of it. */
    public LandingWords words(Speech speech) {
        return new LandingWords(this, speech);
    }

    /**
     * Every small change that lands the step, of a walk every key alike, least change first; none where it lands. Worked out
     * at each call.
     */
    public List<LandingFix> fixes(Speech speech) {
        return LandingFixes.of(step, speech);
    }

    private static Fraction off(Step step, Fraction onset) {
        Meter meter = step.meter();
        Fraction residue = onset.minus(step.target().in(meter)).mod(meter.bar());
        boolean past = residue.times(2).compareTo(meter.bar()) <= 0;
        return past ? residue : residue.minus(meter.bar());
    }
}
