package pebblestep.app.progress;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.app.bench.ClimbViews.MoveView;
import pebblestep.app.practice.PracticeViews.WordView;
import pebblestep.app.practice.TakeOutcome;

/** What the takes say, as shown. */
public final class ProgressViews {
    private ProgressViews() {}

    /** A student's last take. */
    public record LastTakeView(LocalDate day, int daysAgo, BigDecimal bpm, TakeOutcome outcome) {}

    /** A rung that the teacher can put a student on with one press: back or on, in words. */
    public record DecisionView(String kind, String words, List<Integer> at) {}

    /**
     * One thing a student works on: tempo reached, target, and the verdict with what to try about it.
     *
     * @param picks what the teacher has to pick from
     * @param decisions other rungs to put the student on
     * @param held whether the student is held on the rung
     */
    public record DeskWork(
            long assignmentId,
            String title,
            String key,
            BigDecimal bpm,
            BigDecimal target,
            @Nullable BigDecimal bestBpm,
            @Nullable Double bestNotesPerSecond,
            int rings,
            String kind,
            String sentence,
            List<String> advice,
            List<MoveView> picks,
            List<DecisionView> decisions,
            boolean held) {}

    /**
     * One student on the desk.
     *
     * @param word what they wrote to the teacher last, within a week
     * @param lesson the time of today's lesson
     */
    public record DeskLine(
            long studentId,
            String name,
            String instrument,
            @Nullable LastTakeView last,
            @Nullable WordView word,
            @Nullable LocalTime lesson,
            List<DeskWork> works) {}

    /** One form of a key on the path; {@code slips} says what slips in it, most often first. */
    public record FormView(
            String key,
            String form,
            int rings,
            int takes,
            int clean,
            @Nullable BigDecimal bestBpm,
            @Nullable Double bestNotesPerSecond,
            @Nullable LocalDate lastDay,
            String kind,
            String sentence,
            List<String> slips) {}

    /** One stone of the path. */
    public record StoneView(String tonic, int rings, List<FormView> forms) {}

    /** A student's keys in their order. */
    public record KeyPathView(String student, String instrument, int mostRings, List<StoneView> stones) {}
}
