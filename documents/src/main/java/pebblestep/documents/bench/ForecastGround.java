package pebblestep.documents.bench;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.forecast.DayBest;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.ProgressDocument;
import pebblestep.documents.SpeechDocument;
import pebblestep.documents.StepDocument;

/**
 * What is stored of a student's climb, as far as a forecast goes by it.
 *
 * @param step as it is now, with its climb
 * @param progress what its log comes to
 * @param bests the best clean speed of each day that has one, oldest first
 * @param cleanShare the student's own share of clean takes on it; absent where it cannot be told
 * @param goal what is to be met; absent without a goal
 * @param daysAWeek days of practice that are planned
 * @param minutesADay what is planned for it
 * @param studio how everybody in the studio climbs
 */
public record ForecastGround(
        long assignmentId,
        String title,
        StepDocument step,
        ClimbDocument climb,
        PlayerDocument player,
        ProgressDocument progress,
        List<BestPart> bests,
        @Nullable Double cleanShare,
        @Nullable GoalPart goal,
        int daysAWeek,
        int minutesADay,
        SeenPart studio,
        SpeechDocument speech) {

    /** The best clean speed of a day. */
    public record BestPart(LocalDate day, double notesPerSecond) {
        /** The document of a day. */
        public static BestPart of(DayBest best) {
            return new BestPart(best.day(), best.notesPerSecond());
        }

        DayBest read() {
            return new DayBest(day, notesPerSecond);
        }
    }

    /** A tempo to be met, and by when. */
    public record GoalPart(BigDecimal bpm, LocalDate date) {}
}
