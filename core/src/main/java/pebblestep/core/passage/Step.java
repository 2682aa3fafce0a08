package pebblestep.core.passage;

import java.util.Optional;
import pebblestep.core.Identified;
import pebblestep.core.line.Line;
import pebblestep.core.line.Turn;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.scale.Key;

/**
 * One exercise: material, line, time, target and tempo.
 *
 * @param title what the teacher calls it
 * @param key the key, in concert or written pitch as {@code named} says
 * @param named whether the key is the sounding or the written one
 * @param line the order of notes
 * @param register written pitch of the lowest note of the range, where the teacher fixed it
 * @param rhythm meter, values and place
 * @param target where it should arrive
 * @param tempo beat value and beats per minute
 * @param articulation how the notes are joined
 * @param metronome count-in, accent and clicks
 */
public record Step(
        String title,
        Key key,
        Named named,
        Line line,
        Optional<Pitch> register,
        Rhythm rhythm,
        Target target,
        Tempo tempo,
        Articulation articulation,
        Metronome metronome) {

    /** How the key of a step is named. */
    public enum Named implements Identified {
        CONCERT,
        WRITTEN
    }

    /** Refuses a line that the form cannot be made of, and a target or clicking beats that the bar does not have. */
    public Step {
        line.requireIn(key.form());
        target.in(rhythm.meter());
        metronome.requireIn(rhythm.meter());
    }

    /** Its meter. */
    public Meter meter() {
        return rhythm.meter();
    }

    /** The figure it begins in. */
    public Figure figure() {
        return rhythm.figure();
    }

    /** Where its first attack stands, from the downbeat of bar 1. */
    public Fraction place() {
        return rhythm.place();
    }

    /** How many attacks it has: the notes of its line, each struck as often as its rhythm says. */
    public int noteCount() {
        return line.noteCount(key.form()) * rhythm.strikes();
    }

    /** This step starting elsewhere. */
    public Step withPlace(Fraction other) {
        return withRhythm(rhythm.withPlace(other));
    }

    /** This step in another time. */
    public Step withRhythm(Rhythm other) {
        return with(title, key, line, other, target, tempo);
    }

    /** This step with its turning note struck once or twice. */
    public Step withTurn(Turn turn) {
        return withLine(line.withTurn(turn));
    }

    /** This step with another line. */
    public Step withLine(Line other) {
        return with(title, key, other, rhythm, target, tempo);
    }

    /** This step at another tempo. */
    public Step withTempo(Tempo other) {
        return with(title, key, line, rhythm, target, other);
    }

    /** This step in another key, named the same way; refuses a form that the line cannot be made of. */
    public Step withKey(Key other) {
        return with(title, other, line, rhythm, target, tempo);
    }

    /** This step with another target. */
    public Step withTarget(Target other) {
        return with(title, key, line, rhythm, other, tempo);
    }

    /** This step under another title. */
    public Step withTitle(String other) {
        return with(other, key, line, rhythm, target, tempo);
    }

    /** This step with the notes joined another way. */
    public Step withArticulation(Articulation other) {
        return new Step(title, key, named, line, register, rhythm, target, tempo, other, metronome);
    }

    /** This step with another metronome. */
    public Step withMetronome(Metronome other) {
        return new Step(title, key, named, line, register, rhythm, target, tempo, articulation, other);
    }

    /** This step wherever it fits the player: in no octave that was asked for. */
    public Step inAnyOctave() {
        return new Step(title, key, named, line, Optional.empty(), rhythm, target, tempo, articulation, metronome);
    }

    private Step with(String aTitle, Key aKey, Line aLine, Rhythm aRhythm, Target aTarget, Tempo aTempo) {
        return new Step(aTitle, aKey, named, aLine, register, aRhythm, aTarget, aTempo, articulation, metronome);
    }
}
