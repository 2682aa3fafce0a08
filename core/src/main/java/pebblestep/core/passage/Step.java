package pebblestep.core.passage;

import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.line.Line;
import pebblestep.core.line.Turn;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.scale.Key;

/**
 * One exercise: material, line, figure, place, target and tempo.
 *
 * @param title what the teacher calls it
 * @param key the key, in concert or written pitch as {@code named} says
 * @param named whether the key is the sounding or the written one
 * @param line the order of notes
 * @param register written pitch of the lowest note of the range, where the teacher fixed it
 * @param meter the meter
 * @param figure the note values
 * @param place where the first attack stands, from the downbeat of bar 1; negative is a pickup
 * @param landingBeat beat of the bar on which the last note should fall, from 1
 * @param tempo beat value and beats per minute
 * @param articulation how the notes are joined
 * @param metronome count-in and accent
 */
public record Step(
        String title,
        Key key,
        Named named,
        Line line,
        Optional<Pitch> register,
        Meter meter,
        Figure figure,
        Fraction place,
        int landingBeat,
        Tempo tempo,
        Articulation articulation,
        Metronome metronome) {

    /** How the key of a step is named. */
    public enum Named {
        CONCERT,
        WRITTEN
    }

    /** Refuses a place a bar away or more, a landing beat or a starting degree that there is not. */
    public Step {
        line.requireIn(key.form());
        if (!place.abs().isLessThan(meter.bar())) {
            throw Refusal.of(
                    "rhythm.place",
                    "The place lies less than one bar (" + meter.bar() + ") from the downbeat, not " + place + ".");
        }
        meter.positionOf(landingBeat);
    }

    /** Position in the bar where the last note should fall. */
    public Fraction target() {
        return meter.positionOf(landingBeat);
    }

    /** This step starting elsewhere. */
    public Step withPlace(Fraction other) {
        return with(key, line, other, tempo);
    }

    /** This step with its turning note struck once or twice. */
    public Step withTurn(Turn turn) {
        return with(key, line.withTurn(turn), place, tempo);
    }

    /** This step at another tempo. */
    public Step withTempo(Tempo other) {
        return with(key, line, place, other);
    }

    /** This step in another key, named the same way; refuses a form that the line cannot be made of. */
    public Step withKey(Key other) {
        return with(other, line, place, tempo);
    }

    private Step with(Key aKey, Line aLine, Fraction aPlace, Tempo aTempo) {
        return new Step(
                title,
                aKey,
                named,
                aLine,
                register,
                meter,
                figure,
                aPlace,
                landingBeat,
                aTempo,
                articulation,
                metronome);
    }
}
