package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.Words;
import pebblestep.core.line.LineNote;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.scale.Form;
import pebblestep.core.voice.Voice;
import pebblestep.core.walk.Join;
import pebblestep.core.walk.Walk;

/** Lays the keys of a walk end to end. */
final class Stretches {
    private final Step step;
    private final Walk walk;
    private final Meter meter;
    private final List<Walk.Stop> stops;
    private final Map<Form, List<LineNote>> lines = new HashMap<>();
    private final Map<Played, List<Timing.Attack>> played = new HashMap<>();
    private final List<Stretch> laid = new ArrayList<>();

    /** What decides how a line is played in time: its form, and the place on which it starts. */
    private record Played(Form form, Fraction place) {}

    private Stretches(Step step, Walk walk, List<Walk.Stop> stops) {
        this.step = step;
        this.walk = walk;
        this.meter = step.meter();
        this.stops = stops;
    }

    /** The stretches of a step, one for each key it goes through. */
    static List<Stretch> of(Step step) {
        return step.walk().map(walk -> of(step, walk, walk.stops(step.key()))).orElseGet(() -> List.of(only(step)));
    }

    /** The stretches of a step through keys that are known. */
    static List<Stretch> of(Step step, Walk walk, List<Walk.Stop> stops) {
        return new Stretches(step, walk, stops).laid();
    }

    private static Stretch only(Step step) {
        Step alone = step.alone();
        return new Stretch(
                0,
                new Walk.Stop(step.key(), Optional.empty(), Optional.empty()),
                alone,
                Fraction.ZERO,
                Timing.attacks(alone, step.line().notes(step.key().form())),
                false);
    }

    private List<Stretch> laid() {
        requireFew();
        for (int i = 0; i < stops.size(); i++) {
            if (i == 0) add(step.place(), Fraction.ZERO, false);
            else join();
        }
        hold(laid.size() - 1, held(laid.size() - 1));
        return laid;
    }

    private void requireFew() {
        long count = 0;
        for (Walk.Stop stop : stops) {
            count += (long) step.line().noteCount(stop.key().form())
                    * step.rhythm().strikes();
        }
        if (count > Timing.MOST_ATTACKS) {
            throw Refusal.of(
                            "walk",
                            "This walk has " + count + " attacks; at most " + Timing.MOST_ATTACKS
                                    + " can be worked out.")
                    .fits("Go through fewer keys.");
        }
    }

    private void add(Fraction place, Fraction shift, boolean joined) {
        int index = laid.size();
        Walk.Stop stop = stops.get(index);
        Step alone = step.alone().withKey(stop.key()).withPlace(place);
        List<Timing.Attack> attacks = new ArrayList<>();
        for (Timing.Attack attack : attacks(alone, index)) {
            if (!joined || attack.note() > 0) attacks.add(attack.moved(index, shift));
        }
        laid.add(new Stretch(index, stop, alone, shift, attacks, joined));
    }

    private List<Timing.Attack> attacks(Step alone, int index) {
        return played.computeIfAbsent(
                new Played(alone.key().form(), alone.place()), at -> Timing.attacks(alone, line(index)));
    }

    private List<LineNote> line(int index) {
        return lines.computeIfAbsent(stops.get(index).key().form(), step.line()::notes);
    }

    /** The next key, behind the last that was laid. */
    private void join() {
        Stretch before = laid.get(laid.size() - 1);
        boolean same = walk.once() && isSame(before.index());
        Fraction free = same ? lastNote(before) : end(before);
        switch (walk.join()) {
            case AT_ONCE -> add(free.mod(meter.bar()), bars(free), same);
            case NEXT_BEAT -> {
                Fraction at = same ? free : onBeat(free);
                add(at.mod(meter.bar()), bars(at), same);
            }
            case NEXT_BAR, HOLD -> add(step.place(), nextBar(before), same);
        }
        Stretch next = laid.get(laid.size() - 1);
        if (same) hold(before.index(), next.from().plus(firstLength(next)));
        else if (walk.join() == Join.HOLD) hold(before.index(), next.from());
    }

    /** Whether the last note of a stretch sounds, octaves apart, as the first of the next. */
    private boolean isSame(int index) {
        List<LineNote> line = line(index);
        return sound(index, line.get(line.size() - 1))
                        == sound(index + 1, line(index + 1).get(0))
                && line(index + 1).size() > 1
                && step.voices().stream().noneMatch(Stretches::isLonger);
    }

    /** Where the last note of a stretch is first struck. */
    private Fraction lastNote(Stretch stretch) {
        List<Timing.Attack> attacks = stretch.attacks();
        return attacks.get(attacks.size() - step.rhythm().strikes()).at();
    }

    private int sound(int index, LineNote note) {
        var key = stops.get(index).key();
        return Math.floorMod(key.tonic().pitchClass() + note.sound(key.form()), 12);
    }

    private Fraction firstLength(Stretch next) {
        Fraction length = Fraction.ZERO;
        for (Timing.Attack attack : attacks(next.alone(), next.index())) {
            if (attack.note() == 0) length = attack.end().minus(next.alone().place());
        }
        return length;
    }

    /** Whole bars in front of a position. */
    private Fraction bars(Fraction at) {
        return meter.bar().times(at.dividedBy(meter.bar()).floor());
    }

    /** Where the bar of the next key begins: behind the bars that this one lasts, or behind its notes. */
    private Fraction nextBar(Stretch before) {
        Fraction end = end(before);
        Fraction place = step.place();
        Fraction after = end.minus(place);
        Fraction behind = meter.bar().times(ceiling(after.dividedBy(meter.bar())));
        if (before.stop().bars().isEmpty()) return behind;
        Fraction lasts =
                before.shift().plus(meter.bar().times(before.stop().bars().get()));
        if (lasts.isLessThan(behind)) throw tooShort(before, behind);
        return lasts;
    }

    private Refusal tooShort(Stretch before, Fraction behind) {
        long needed = behind.minus(before.shift()).dividedBy(meter.bar()).floor();
        return Refusal.of(
                        "walk.bars",
                        "The line takes " + Words.counted(needed, "bar") + " in "
                                + before.stop().key() + ", and "
                                + Words.counted(before.stop().bars().orElseThrow(), "bar") + " "
                                + (before.stop().bars().orElseThrow() == 1 ? "is" : "are") + " given to it.")
                .fits("Give it " + Words.counted(needed, "bar") + ", or shorten the line.");
    }

    private static long ceiling(Fraction number) {
        return -number.negated().floor();
    }

    /** The first position from another on that is as far into its beat as the step's place is. */
    private Fraction onBeat(Fraction free) {
        Fraction into = step.place().minus(meter.beatStart(step.place()));
        Fraction beat = meter.beatStart(free);
        while (beat.plus(into).isLessThan(free)) beat = meter.nextBeat(beat);
        return beat.plus(into);
    }

    /** Whether a voice may need longer for a key than the line does. */
    private static boolean isLonger(Voice voice) {
        return voice.hasOwnTime() && voice.degree().isEmpty();
    }

    /** Where a stretch is over: its own last note, and those of voices in their own time, as if they came in with it. */
    private Fraction end(Stretch stretch) {
        Fraction end = stretch.end();
        for (Voice voice : step.voices()) {
            if (!isLonger(voice)) continue;
            Fraction over = VoiceTiming.end(voice, stretch);
            if (end.isLessThan(over)) end = over;
        }
        return end;
    }

    /** Where the last stretch is held to: the end of the bars that are its own. */
    private Fraction held(int last) {
        Stretch stretch = laid.get(last);
        if (walk.join() != Join.HOLD) return stretch.end();
        return stretch.stop()
                .bars()
                .map(count -> stretch.shift().plus(meter.bar().times(count)))
                .filter(end -> stretch.end().isLessThan(end))
                .orElse(stretch.end());
    }

    private void hold(int index, Fraction until) {
        Stretch stretch = laid.get(index);
        List<Timing.Attack> attacks = new ArrayList<>(stretch.attacks());
        Timing.Attack last = attacks.remove(attacks.size() - 1);
        attacks.add(new Timing.Attack(last.station(), last.note(), last.at(), until.minus(last.at())));
        laid.set(
                index, new Stretch(index, stretch.stop(), stretch.alone(), stretch.shift(), attacks, stretch.joined()));
    }
}
