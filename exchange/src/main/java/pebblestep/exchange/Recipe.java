package pebblestep.exchange;

import java.util.List;
import pebblestep.core.climb.Ascent;
import pebblestep.core.passage.Step;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.ValueName;
import pebblestep.core.scale.Key;

/**
 * A ready routine: steps with their climbs, to be taken to the bench and changed like any other.
 *
 * @param id its name in documents
 * @param title what it is called
 * @param words what it is for, in a sentence or two
 * @param steps in order
 */
public record Recipe(String id, String title, String words, List<Ascent> steps) {
    private static final int AN_OCTAVE = 4;

    public Recipe {
        steps = List.copyOf(steps);
    }

    /** The tonic it is written from. */
    public NoteName tonic() {
        return steps.get(0).step().key().tonic();
    }

    /** The same from another tonic: every key moves by the same interval. Refuses keys that cannot be spelled. */
    public Recipe from(NoteName other) {
        if (other.equals(tonic())) return this;
        Interval by = Interval.between(new Pitch(tonic(), AN_OCTAVE), new Pitch(other, AN_OCTAVE));
        return new Recipe(
                id,
                title,
                words,
                steps.stream().map(ascent -> moved(ascent, by)).toList());
    }

    /** The same as a studio says it: titles and words name values in its vocabulary. */
    public Recipe said(Speech speech) {
        return new Recipe(
                id,
                title,
                ValueName.filled(words, speech.names()),
                steps.stream().map(ascent -> said(ascent, speech)).toList());
    }

    private static Ascent said(Ascent ascent, Speech speech) {
        Step step = ascent.step();
        return Ascent.of(step.withTitle(ValueName.filled(step.title(), speech.names())), ascent.climb());
    }

    private static Ascent moved(Ascent ascent, Interval by) {
        Step step = ascent.step();
        Key key = Key.of(step.key().tonic().plus(by), step.key().form());
        Step there = step.withKey(key).withCompany(step.company().moved(by));
        Step walked = step.walk().map(walk -> there.withWalk(walk.moved(by))).orElse(there);
        return Ascent.of(walked, ascent.climb());
    }
}
