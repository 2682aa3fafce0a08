package pebblestep.documents.practice;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Days;
import pebblestep.core.Refusal;
import pebblestep.core.practice.Outcome;
import pebblestep.core.practice.Slipped;
import pebblestep.core.practice.Take;
import pebblestep.core.rhythm.Bpm;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.ClimbDocuments.PlayedPart;
import pebblestep.documents.Fields;
import pebblestep.documents.SlippedDocument;

/**
 * A take that the device has made and the studio does not have yet.
 *
 * @param takenAt by the student's own clock, as ISO 8601: {@code 2026-03-02T17:05:00+01:00}
 */
public record TakenPart(
        long assignmentId,
        BigDecimal bpm,
        @Nullable List<PlayedPart> played,
        Outcome outcome,
        @Nullable SlippedDocument slipped,
        @Nullable Integer seconds,
        String takenAt) {
    /** The student's own day. */
    LocalDate day() {
        return dayOf(takenAt);
    }

    /** The day of a moment by somebody's own clock, as it is written. */
    static LocalDate dayOf(String at) {
        return Days.in(at).orElseThrow(() -> Refusal.of("takenAt", "\"" + at + "\" is no moment."));
    }

    long practised() {
        return seconds == null ? 0 : seconds;
    }

    Take read() {
        return new Take(
                Fields.at("bpm", () -> Bpm.of(bpm)),
                played == null ? List.of() : ClimbDocuments.played(played),
                outcome,
                day(),
                slipped == null ? Slipped.NOTHING : slipped.read());
    }
}
