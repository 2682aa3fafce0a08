package pebblestep.documents.bench;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.forecast.ForecastKind;
import pebblestep.core.practice.JudgementKind;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.bench.ClimbAnswer.MoveView;
import pebblestep.documents.bench.ClimbAnswer.ProspectView;
import pebblestep.documents.bench.ClimbAnswer.RungView;

/**
 * How a climb stands and will go on.
 *
 * @param climb as it is now, or as it was asked about
 * @param now where the student stands on it
 * @param reckoned what is reckoned with where nothing else is asked
 * @param prospect when it is likely to be done; null when it is
 * @param forecast whether the goal will be met; null without a goal
 */
public record StepForecast(
        long assignmentId,
        String title,
        String key,
        ClimbDocument climb,
        StandsView now,
        ReckonedView reckoned,
        @Nullable ProspectView prospect,
        @Nullable GoalForecast forecast) {

    /**
     * Where a student stands.
     *
     * @param here the rung they stand on
     * @param left rungs from there to the last; 0 when that is passed
     * @param moves what leads up from there
     */
    public record StandsView(
            JudgementKind kind, String sentence, List<Integer> at, RungView here, int left, List<MoveView> moves) {}

    /**
     * How much is practised, as it is planned and was seen.
     *
     * @param minutesADay planned for this step
     * @param daysAWeek as it was seen, in front of the plan
     * @param cleanShare share of clean takes, in percent
     * @param ownShare whether that share is the student's own on this step
     */
    public record ReckonedView(int minutesADay, double daysAWeek, int cleanShare, boolean ownShare) {}

    /**
     * A goal and whether it will be met; tempos in beats a minute of the goal's note value.
     *
     * @param now clean today; null without a clean take in four weeks
     * @param neededAWeek gain needed each week
     * @param gainAWeek gain made each week; null where there are too few takes
     * @param gainLow the same, at the low end of four fifths certainty
     * @param gainHigh the same, at the high end
     * @param early the first of the days that hold the true one in four of five cases; null where the climb ends below the goal
     * @param projected the likeliest day on which it is met
     * @param late the last of them
     * @param picture for each day from the first of the window to past the goal: what was clean, and the line
     * @param milestones where to stand at the end of each coming week
     */
    public record GoalForecast(
            BigDecimal bpm,
            LocalDate date,
            String value,
            ForecastKind kind,
            String sentence,
            @Nullable Double now,
            @Nullable Double neededAWeek,
            @Nullable Double gainAWeek,
            @Nullable Double gainLow,
            @Nullable Double gainHigh,
            @Nullable LocalDate early,
            @Nullable LocalDate projected,
            @Nullable LocalDate late,
            List<DayView> picture,
            List<MilestoneView> milestones) {}

    /**
     * A day of the picture.
     *
     * @param best the best clean tempo
     * @param line the line through the days so far, up to the last of them
     * @param ahead from today's clean tempo on, at the gain made
     * @param low the same at the low end of the gain
     * @param high the same at the high end
     */
    public record DayView(
            LocalDate day,
            @Nullable Double best,
            @Nullable Double line,
            @Nullable Double ahead,
            @Nullable Double low,
            @Nullable Double high) {}

    /** A rung to stand on at the end of a week. */
    public record MilestoneView(LocalDate by, List<Integer> at, String words) {}
}
