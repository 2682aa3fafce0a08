package pebblestep.app.practice;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import pebblestep.core.metronome.Laps;
import pebblestep.core.practice.Cautions;
import pebblestep.core.practice.JudgementKind;
import pebblestep.core.practice.Outcome;
import pebblestep.core.practice.Purpose;
import pebblestep.core.practice.TapCheck;
import pebblestep.documents.ClimbDocuments.PlayedPart;
import pebblestep.documents.SlippedDocument;

/** What the student's side takes and shows. */
public final class PracticeViews {
    private PracticeViews() {}

    /**
     * A take, with the id its client made for it, the tempo played and the student's own time.
     *
     * @param played the rungs of other axes than tempo that were played, as today's list gave them
     * @param slipped what slipped, where the student said it
     * @param seconds how long it took
     */
    public record TakeRequest(
            @NotNull(message = "Give the take an id.") UUID clientId,
            @NotNull(message = "Name the assignment.") Long assignmentId,
            @NotNull(message = "Give the tempo.") BigDecimal bpm,
            @Nullable @Size(max = 5, message = "Give one rung for each axis.") List<@NotNull PlayedPart> played,
            @NotNull(message = "Say how it went.") Outcome outcome,
            @Nullable @Size(max = 500, message = "A note has at most 500 characters.") String note,
            @NotNull(message = "Say when it was.") OffsetDateTime takenAt,
            @Nullable SlippedDocument slipped,
            @Nullable
                    @Min(value = 0, message = "A take has no negative time.")
                    @Max(value = MOST_SECONDS, message = "A take has at most an hour.")
                    Integer seconds) {
        static final int MOST_SECONDS = 3600;

        /** A take of which no more is known than how it went. */
        public TakeRequest(
                UUID clientId,
                long assignmentId,
                BigDecimal bpm,
                @Nullable List<PlayedPart> played,
                Outcome outcome,
                @Nullable String note,
                OffsetDateTime takenAt) {
            this(clientId, assignmentId, bpm, played, outcome, note, takenAt, null, null);
        }
    }

    /** A line to the teacher, with the id its client made for it and the student's own time. */
    public record WordRequest(
            @NotNull(message = "Give the line an id.") UUID clientId,
            @NotBlank(message = "Write a line.") @Size(max = 500, message = "A line has at most 500 characters.")
                    String text,
            @NotNull(message = "Say when it was.") OffsetDateTime saidAt) {}

    /** A line to the teacher. */
    public record WordView(long id, String text, LocalDate day) {}

    /** A take in the log; {@code slipped} says what slipped in words, and is empty where nothing was said. */
    public record TakeView(
            long id,
            long assignmentId,
            String title,
            BigDecimal bpm,
            Outcome outcome,
            String note,
            String slipped,
            LocalDate day) {}

    /** A caution and its moment. */
    public record CautionView(Cautions.Moment moment, String text) {}

    /**
     * Everything that a rung changes about a thing to practise.
     *
     * @param at the rung: an index for each axis, with dots between
     * @param now the rung in words
     * @param summary the step on it in words, without its key
     * @param rung which of the climb's tempos it is
     * @param stage the rungs of other axes in words; empty where the step grows by its tempo alone
     * @param played the same as fields, to be sent back with a take
     * @param rungsLeft rungs from this one to the last
     * @param minutes what playing it today takes, with count-in and rest, rounded up
     * @param next the rung that comes next, where it is one
     * @param cautions what to take care of on it
     */
    public record RungToPlay(
            String at,
            String now,
            String summary,
            int rung,
            BigDecimal bpm,
            String stage,
            List<PlayedPart> played,
            int rungsLeft,
            long minutes,
            @Nullable String next,
            List<CautionView> cautions) {}

    /**
     * One thing to practise today, and where the student stands on it.
     *
     * @param assignmentId what its takes are sent for
     * @param edition counts what the teacher decided about it: passages of another edition are out of date
     */
    public record TodayItem(
            long assignmentId,
            int edition,
            HeadPart head,
            ToPlayPart toPlay,
            ReasonPart why,
            StandingPart standing,
            DayPart day) {}

    /**
     * What an item is called, and in what it counts.
     *
     * @param key written, as the player reads it
     * @param beat the note value that the tempo counts
     */
    public record HeadPart(String title, String key, String beat) {}

    /**
     * What of it is played today.
     *
     * @param rungs the tempos of the climb
     * @param here the rung to play now
     * @param repetitions how often to play it today
     * @param minutes what that takes, with count-in and rest, rounded up
     */
    public record ToPlayPart(List<BigDecimal> rungs, RungToPlay here, int repetitions, long minutes) {}

    /** Why it is on the list of the day: what it is for, and that in a sentence. */
    public record ReasonPart(Purpose purpose, String sentence) {}

    /** Where the student stands on it: clean takes in a row of those that pass the rung, and what that says. */
    public record StandingPart(int cleanInRow, int cleanToPass, JudgementKind kind, String sentence) {}

    /**
     * What the day has brought so far.
     *
     * @param minutes what was set for it, a day
     * @param takes how often it was played
     * @param clean how many of these were clean
     * @param seconds how long it was practised, as far as that is known
     * @param morning the rung on which the day began, in words
     */
    public record DayPart(int minutes, int takes, int clean, long seconds, String morning) {}

    /**
     * What a student sees on opening the practice link.
     *
     * @param room a name of this room that stays when the link is renewed: what a device kept for it goes with the new link
     * @param trims what was left out or shortened so that it fits into the student's minutes
     * @param longMinutes minutes of a day after which a rest is due
     */
    public record Today(
            String room,
            String student,
            String instrument,
            LocalDate day,
            List<TodayItem> items,
            List<String> trims,
            List<CautionView> cautions,
            int longMinutes) {}

    /**
     * A state that is foreseen: where it stands among the rungs, and which state each thing that can happen leads to; null
     * beyond what was worked out.
     */
    public record StatePart(
            int rung,
            int cleanInRow,
            JudgementKind kind,
            String sentence,
            @Nullable Integer clean,
            @Nullable Integer under,
            @Nullable Integer missed,
            @Nullable Integer morning) {}

    /** How one assignment goes on, however the next takes go: the first state is where it stands. */
    public record AheadView(long assignmentId, int edition, List<RungToPlay> rungs, List<StatePart> states) {}

    /** A run: which voice, after how many repetitions a rung rises, and its laps; the first so many are a shorter run. */
    public record LapsView(Laps.Voice voice, int every, List<LapPart> laps) {}

    /** Once through a line: rungs above the first lap's, and who plays. */
    public record LapPart(int rung, boolean voice, boolean student) {}

    /** A test of how late sounds are heard: when its clicks sound, and when it is over, in milliseconds from the first. */
    public record LatencyTest(List<Double> clicksMs, double endMs) {}

    /**
     * What a student needs for a week without the studio.
     *
     * @param days the list of each day, today first
     * @param ahead how each assignment of these days goes on
     * @param simulated whether made-up players tap here, as in the demo
     */
    public record Week(
            List<Today> days, List<AheadView> ahead, List<LapsView> runs, LatencyTest latencyTest, boolean simulated) {}

    /** Taps along with a steady click: milliseconds from the first click as it was meant. */
    public record LatencyRequest(
            @NotNull(message = "Give the taps.") @Size(max = 100, message = "At most 100 taps at once.")
                    List<@NotNull Double> taps) {}

    /** How late sounds are heard. */
    public record LatencyView(double ms, double spreadMs, String sentence) {}

    /** A made-up player who taps along. */
    public record SimulatedRequest(
            @NotNull(message = "Give the tempo.") BigDecimal bpm,
            @Nullable String at,
            @NotNull(message = "Choose a player.") MadeUpPlayer player) {}

    /**
     * Taps along with the click: milliseconds from the computed time of the first note, at a tempo.
     *
     * @param at the rung that was played; where the student stands without one
     */
    public record TapsRequest(
            @NotNull(message = "Give the tempo.") BigDecimal bpm,
            @Nullable String at,
            @NotNull(message = "Give the taps.") @Size(max = TapCheck.MOST_TAPS, message = "At most 1000 taps at once.")
                    List<@NotNull Double> taps) {}

    /**
     * How taps lie against the notes; late is positive.
     *
     * @param notes how many notes there are
     * @param extra taps beside them
     * @param bpm beats a minute of the taps
     * @param worst the note whose tap is furthest from the others, by its index
     * @param taps each note that was tapped
     * @param elsewhere the place that the taps lie on instead of their own, in words; null where they lie on it
     */
    public record TapsView(
            String sentence,
            int notes,
            int extra,
            double meanMs,
            double spreadMs,
            double bpm,
            int worst,
            List<TapView> taps,
            @Nullable String elsewhere) {}

    /** One tapped note, by its index, and how late it was. */
    public record TapView(int note, double offsetMs) {}
}
