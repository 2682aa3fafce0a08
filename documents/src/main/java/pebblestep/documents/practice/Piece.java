package pebblestep.documents.practice;

import java.time.LocalDate;
import java.util.Map;
import pebblestep.core.Copies;
import pebblestep.core.practice.Progress;
import pebblestep.core.practice.Schedule;

/**
 * One piece of a student's work, as the room shows it.
 *
 * @param id of its assignment
 * @param edition counts what the teacher decided about it
 * @param minutesADay what was set for it
 * @param seconds how long it was practised on each day, as far as that is known; days without practice may be absent
 */
public record Piece(
        long id,
        int edition,
        String title,
        Schedule schedule,
        int minutesADay,
        Progress progress,
        Map<LocalDate, Long> seconds) {
    public Piece {
        seconds = Copies.map(seconds);
    }

    long secondsOn(LocalDate day) {
        return seconds.getOrDefault(day, 0L);
    }
}
