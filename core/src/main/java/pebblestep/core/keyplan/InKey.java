package pebblestep.core.keyplan;

import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.AxisKind;
import pebblestep.core.climb.Outlook;
import pebblestep.core.line.Extent;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Step.Named;
import pebblestep.core.passage.StepWords;
import pebblestep.core.pitch.Interval;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.Key;

/**
 * A step and its climb in another key, as a key plan gives it.
 *
 * @param ascent in that key
 * @param fewerOctaves how far it goes where the range takes fewer octaves than the step has; empty where it goes all the way
 */
public record InKey(Ascent ascent, Optional<Integer> fewerOctaves) {

    /**
     * A step moved to a key. Where the player's range does not take its octaves, it goes through fewer; refuses what does
     * not fit even so.
     *
     * @param named whether the key is the sounding or the written one
     */
    public static InKey of(Ascent template, Key key, Named named, Player player, Speech speech) {
        Step step = moved(template.step(), key, named, speech);
        Ascent whole = Ascent.of(step, template.climb());
        boolean spanClimbs = template.climb().axis(AxisKind.SPAN).isPresent();
        Refusal refused;
        try {
            return new InKey(fitting(whole, player, speech), Optional.empty());
        } catch (Refusal e) {
            refused = e;
        }
        if (!spanClimbs && step.line().extent() instanceof Extent.Octaves octaves) {
            for (int fewer = octaves.count() - 1; fewer >= 1; fewer--) {
                Step shorter = step.withLine(step.line().withExtent(Extent.octaves(fewer)));
                Optional<Ascent> fits = tryFitting(Ascent.of(shorter, template.climb()), player, speech);
                if (fits.isPresent()) return new InKey(fits.get(), Optional.of(fewer));
            }
        }
        throw refused;
    }

    /** Every rung has to fit, not only the first. */
    private static Ascent fitting(Ascent ascent, Player player, Speech speech) {
        Outlook.of(ascent, ascent.climb().first(), player, speech);
        return ascent;
    }

    private static Optional<Ascent> tryFitting(Ascent ascent, Player player, Speech speech) {
        try {
            return Optional.of(fitting(ascent, player, speech));
        } catch (Refusal e) {
            return Optional.empty();
        }
    }

    private static Step moved(Step step, Key key, Named named, Speech speech) {
        Interval by = step.key().tonic().upTo(key.tonic());
        Step inKey = new Step(
                "",
                key,
                named,
                step.line(),
                Optional.empty(),
                step.rhythm(),
                step.target(),
                step.tempo(),
                step.articulation(),
                step.metronome(),
                step.voices(),
                step.walk().map(walk -> walk.moved(by)),
                step.company().moved(by),
                step.hands(),
                step.hand());
        String title = step.title().isBlank() ? StepWords.title(inKey, speech) : key + ": " + step.title();
        return inKey.withTitle(title);
    }
}
