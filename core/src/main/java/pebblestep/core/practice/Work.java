package pebblestep.core.practice;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pebblestep.core.climb.Rules;
import pebblestep.core.climb.Standing;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.scale.Key;
import pebblestep.core.tempo.TempoLadder;

/**
 * What a student has done with one assigned step: its key and ladder, and the takes in the order they were played.
 *
 * @param key the key, in written pitch
 * @param value the note value played
 * @param beat the value that gets the beat
 * @param ladder tempos from the start to the target
 * @param takes oldest first
 */
public record Work(Key key, Fraction value, Fraction beat, TempoLadder ladder, List<Take> takes) {
    public Work {
        takes = List.copyOf(takes);
    }

    /** Where the student stands on the ladder, as seen on a day. */
    public Standing standing(LocalDate today) {
        return Standing.after(takes.stream().map(Take::attempt).toList(), ladder, Rules.USUAL, today);
    }

    /** The tempo to play now. */
    public Bpm bpmNow(LocalDate today) {
        return ladder.rung(standing(today).rung());
    }

    /** The fastest clean take. */
    public Optional<Bpm> bestClean() {
        return takes.stream()
                .filter(take -> take.outcome() == Outcome.CLEAN)
                .map(Take::bpm)
                .max(Comparator.naturalOrder());
    }

    /** Notes a second at a tempo of this work. */
    public double notesPerSecond(Bpm bpm) {
        return new Tempo(beat, bpm).notesPerSecond(value);
    }
}
