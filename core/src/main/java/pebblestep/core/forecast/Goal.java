package pebblestep.core.forecast;

import java.time.LocalDate;
import pebblestep.core.Refusal;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Tempo;

/**
 * A tempo to be met by a day.
 *
 * @param tempo the tempo
 * @param value note value in which it is to be played
 * @param date the day
 */
public record Goal(Tempo tempo, Fraction value, LocalDate date) {
    /** Refuses values of no length. */
    public Goal {
        if (value.signum() <= 0) throw Refusal.of("value", "A note value is more than 0.");
    }

    /** The goal in notes a second. */
    public double notesPerSecond() {
        return tempo.notesPerSecond(value);
    }

    /** Notes a second as beats a minute in the value of the goal. */
    public double bpmOf(double notesPerSecond) {
        return notesPerSecond / notesPerSecond() * tempo.bpm().toDouble();
    }
}
