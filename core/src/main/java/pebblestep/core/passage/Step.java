package pebblestep.core.passage;

import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.line.StraightLine;
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
 * @param metronome count-in and accent
 */
public record Step(
        String title,
        Key key,
        Named named,
        StraightLine line,
        Optional<Pitch> register,
        Meter meter,
        Figure figure,
        Fraction place,
        int landingBeat,
        Tempo tempo,
        Metronome metronome) {

    /** How the key of a step is named. */
    public enum Named {
        CONCERT,
        WRITTEN
    }

    /** Refuses a place a bar away or more, a landing beat or a starting degree that there is not. */
    public Step {
        line.requireStartIn(key.form());
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
        return new Step(title, key, named, line, register, meter, figure, other, landingBeat, tempo, metronome);
    }

    /** This step with its turning note struck once or twice. */
    public Step withTurn(Turn turn) {
        return new Step(
                title, key, named, line.withTurn(turn), register, meter, figure, place, landingBeat, tempo, metronome);
    }

    /** This step at another tempo. */
    public Step withTempo(Tempo other) {
        return new Step(title, key, named, line, register, meter, figure, place, landingBeat, other, metronome);
    }
}
