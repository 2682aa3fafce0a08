package pebblestep.core.practice;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import pebblestep.core.Refusal;
import pebblestep.core.Words;
import pebblestep.core.climb.Ascent;
import pebblestep.core.forecast.DayBest;
import pebblestep.core.forecast.Forecast;
import pebblestep.core.forecast.Goal;
import pebblestep.core.line.Extent;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.rhythm.ValueName;
import pebblestep.core.scale.Key;

/**
 * A scale that a student has to be able to play by a day, as lists of requirements give them.
 *
 * @param key as the student reads it
 * @param octaves 1 to 4
 * @param value the note value
 * @param bpm quarters a minute
 * @param date the day
 */
public record RequiredScale(Key key, int octaves, Fraction value, Bpm bpm, LocalDate date) {
    /** Most octaves that a required scale goes through. */
    public static final int MOST_OCTAVES = 4;

    /** Refuses other numbers of octaves, and values of no length. */
    public RequiredScale {
        if (octaves < 1 || octaves > MOST_OCTAVES) {
            throw Refusal.of("octaves", "A scale goes through one to four octaves, not " + octaves + ".");
        }
        if (value.signum() <= 0) throw Refusal.of("value", "A note value is more than 0.");
    }

    /** How it stands, in the kinds of a forecast, with a sentence. */
    public record State(RequiredKind kind, String sentence) {}

    /** What is asked: {@code Bb major, two octaves in eighths at 96 by 12 March 2027}. */
    public String inWords(Speech speech) {
        return key + ", " + Words.spelled(octaves, "octave") + " in " + ValueName.plural(value, speech.names()) + " at "
                + bpm + " bpm by " + Words.dayAndYear(date);
    }

    /** The speed that is asked for, in notes a second. */
    public double notesPerSecond() {
        return goal().notesPerSecond();
    }

    private Goal goal() {
        return new Goal(new Tempo(Fraction.of(1, 4), bpm), value, date);
    }

    /** How it stands, by everything that was practised in its key and through as many octaves. */
    public State of(List<Progress> all, LocalDate today) {
        List<Progress> works = all.stream()
                .filter(work -> work.key().form().equals(key.form()))
                .filter(work -> work.key().tonic().pitchClass() == key.tonic().pitchClass())
                .filter(work -> goesFar(work.standing().ascent()))
                .toList();
        if (works.isEmpty()) return new State(RequiredKind.NOT_GIVEN, "Nothing is given for it yet.");
        boolean met = works.stream()
                .flatMap(work -> work.best().stream())
                .anyMatch(best -> best.notesPerSecond() >= notesPerSecond() - 1e-9);
        Map<LocalDate, Double> bests = new TreeMap<>();
        works.forEach(
                work -> work.dayBests().forEach(best -> bests.merge(best.day(), best.notesPerSecond(), Math::max)));
        Forecast forecast = Forecast.of(
                bests.entrySet().stream()
                        .map(best -> new DayBest(best.getKey(), best.getValue()))
                        .toList(),
                goal(),
                null,
                today);
        if (met) return new State(RequiredKind.MET, "Met: played clean at " + bpm + " bpm or faster.");
        return new State(
                switch (forecast.kind()) {
                    case REACHED -> RequiredKind.MET;
                    case ON_COURSE -> RequiredKind.ON_COURSE;
                    case BEHIND, OUT_OF_REACH, PASSED -> RequiredKind.BEHIND;
                    case TOO_FEW -> RequiredKind.BEGUN;
                },
                forecast.sentence());
    }

    private boolean goesFar(Ascent ascent) {
        int size = key.form().size();
        Extent top = ascent.at(ascent.climb().last()).line().extent();
        return top.steps(size) >= octaves * size;
    }
}
