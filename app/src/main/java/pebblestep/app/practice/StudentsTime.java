package pebblestep.app.practice;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;

/**
 * When something happened by the student's own clock. A time that lies in the future is a wrong clock: then it is the time
 * at which it arrived.
 *
 * @param day the student's own day
 */
record StudentsTime(Instant instant, LocalDate day) {
    private static final int TOLERANCE_SECONDS = 60;

    static StudentsTime of(OffsetDateTime said, Clock clock) {
        Instant now = clock.instant();
        boolean wrong = said.toInstant().isAfter(now.plusSeconds(TOLERANCE_SECONDS));
        OffsetDateTime at = wrong ? now.atZone(clock.getZone()).toOffsetDateTime() : said;
        return new StudentsTime(at.toInstant(), at.toLocalDate());
    }
}
