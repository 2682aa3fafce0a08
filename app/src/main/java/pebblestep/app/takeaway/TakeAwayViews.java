package pebblestep.app.takeaway;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.minutes.InMinutes;
import pebblestep.core.sound.Hearing;
import pebblestep.core.sound.Run;
import pebblestep.core.sound.Track;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.StepDocument;
import pebblestep.exchange.musicxml.Sheet.Beside;
import tools.jackson.databind.JsonNode;

/** What the API takes to make a file. */
final class TakeAwayViews {
    private TakeAwayViews() {}

    /**
     * What to take away, and for whom: a step as it is sent, with its climb or without; a kept routine; what a student was
     * given, as they play it now; what a key plan brings in the key it is in; or all of a student's list of today. Of these
     * one; an assignment and a plan know their student.
     *
     * @param list whether it is the student's list of today
     */
    record TakeAwayRequest(
            @Nullable @Schema(implementation = StepDocument.class) JsonNode step,
            @Nullable @Schema(implementation = ClimbDocument.class) JsonNode climb,
            @Nullable Long routine,
            @Nullable Long assignment,
            @Nullable Long plan,
            @Nullable Boolean list,
            @Nullable @Size(max = 40, message = "Choose an instrument from the list.") String instrument,
            @Nullable Long student,
            @Nullable @Valid TakeAwayOptions options) {}

    /** What a file would be: its name, how many bytes it has and, of sound, how long it lasts. */
    record LookView(String name, long bytes, @Nullable String lasts) {
        static LookView of(TakeAway.TakenFile file) {
            Duration lasts = Duration.ofMillis((long) Math.ceil(file.seconds() * 1000));
            return new LookView(file.name(), file.bytes(), lasts.isZero() ? null : InMinutes.of(lasts));
        }
    }

    /** The same for a student: one of their own pieces, or without one all of today's list. */
    record OwnTakeAway(@Nullable Long assignment, @Nullable @Valid TakeAwayOptions options) {}

    /**
     * How it is to be.
     *
     * @param counts whether the counts stand under the notes
     * @param degrees whether the degrees do
     * @param solfa whether sol-fa does
     * @param fingers whether it is said how each note is fingered, where that is known
     * @param countIn whether bars of rest are counted before the notes
     * @param times how often each rung is played in a sound file
     * @param ladder whether every rung from the first on is played, and not the step alone
     * @param heard what sounds; the click, or the drums that the step has, without
     * @param rate samples a second of a sound file: 44,100, or 48,000
     */
    record TakeAwayOptions(
            @Nullable Boolean counts,
            @Nullable Boolean degrees,
            @Nullable Boolean solfa,
            @Nullable Boolean fingers,
            @Nullable Boolean countIn,
            @Nullable
                    @Min(value = 1, message = "Play it once at least.")
                    @Max(value = Run.MOST_TIMES, message = "Play it at most 100 times.")
                    Integer times,
            @Nullable Boolean ladder,
            @Nullable @Size(max = 7, message = "There are seven things that can sound.") List<Track> heard,
            @Nullable Integer rate) {
        static final TakeAwayOptions USUAL = new TakeAwayOptions(null, null, null, null, null, null, null, null, null);

        Set<Beside> beside() {
            Set<Beside> beside = EnumSet.noneOf(Beside.class);
            if (Boolean.TRUE.equals(counts)) beside.add(Beside.COUNTS);
            if (Boolean.TRUE.equals(degrees)) beside.add(Beside.DEGREES);
            if (Boolean.TRUE.equals(solfa)) beside.add(Beside.SOL_FA);
            if (Boolean.TRUE.equals(fingers)) beside.add(Beside.FINGERS);
            if (Boolean.TRUE.equals(countIn)) beside.add(Beside.COUNT_IN);
            return beside;
        }

        Hearing hearing() {
            Set<Track> tracks = heard == null || heard.isEmpty() ? Set.of() : EnumSet.copyOf(heard);
            return new Hearing(tracks, times == null ? 1 : times, Boolean.TRUE.equals(ladder));
        }
    }
}
