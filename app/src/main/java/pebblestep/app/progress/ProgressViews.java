package pebblestep.app.progress;

import jakarta.validation.constraints.NotNull;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.app.practice.PracticeService.LastTake;
import pebblestep.app.practice.PracticeViews.WordView;
import pebblestep.core.Identified;
import pebblestep.core.practice.JudgementKind;
import pebblestep.core.practice.Outcome;
import pebblestep.documents.bench.ClimbAnswer.MoveView;

/** What the takes say, as shown. */
public final class ProgressViews {
    private ProgressViews() {}

    /** A student's last take. */
    public record LastTakeView(LocalDate day, int daysAgo, BigDecimal bpm, Outcome outcome) {
        /** As it is seen on a day; null where nothing was played. */
        static @Nullable LastTakeView of(@Nullable LastTake last, LocalDate today) {
            if (last == null) return null;
            int daysAgo = (int) Math.max(0, ChronoUnit.DAYS.between(last.day(), today));
            return new LastTakeView(last.day(), daysAgo, last.bpm().value(), last.outcome());
        }
    }

    /** How a student can be put on another rung. */
    public enum RungDecision implements Identified {
        BACK,
        ON,
        SHORTEN,
        WIDEN
    }

    /** A rung that the teacher can put a student on with one press: back or on, in words. */
    public record DecisionView(RungDecision kind, String words, List<Integer> at) {}

    /**
     * One thing a student works on: tempo reached, target, and the verdict with what to try about it.
     *
     * @param picks what the teacher has to pick from
     * @param decisions other rungs to put the student on
     * @param held whether the student is held on the rung
     * @param undo whether the last decision about it can be taken back
     * @param decidedBy the teacher who decided last; absent where there is one alone, or nobody knows
     * @param fits what of it fits the student, whose range does not take all of it; absent where it does, or nothing fits
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
            JudgementKind kind,
            String sentence,
            List<String> advice,
            List<MoveView> picks,
            List<DecisionView> decisions,
            boolean held,
            boolean undo,
            @Nullable String fits,
            @Nullable String decidedBy) {}

    /**
     * Something given that a changed range would not take.
     *
     * @param sentence why, with the notes that it needs
     * @param fits what of it would fit; absent where nothing does
     */
    public record TouchedView(long assignmentId, String title, String sentence, @Nullable String fits) {}

    /**
     * One student on the desk.
     *
     * @param word what they wrote to the teacher last, within a week
     * @param lesson the time of today's lesson
     */
    public record DeskRow(
            long studentId,
            String name,
            String instrument,
            @Nullable LastTakeView last,
            @Nullable WordView word,
            @Nullable LocalTime lesson,
            List<DeskWork> works) {}

    /** How many students have a verdict of a kind. */
    public record VerdictCount(JudgementKind kind, int students) {}

    /**
     * A page of the desk.
     *
     * @param counts the verdicts of the whole studio, neediest first
     */
    public record DeskPage(List<DeskRow> items, int page, int pages, long total, List<VerdictCount> counts) {}

    /** Whether the range gets wider, or shorter. */
    public record Spanning(@NotNull(message = "Say whether it gets wider.") Boolean wider) {}

    /** One form of a key on the path; by {@code id} its history is asked for; {@code slips} says what slips in it, most often first. */
    public record FormView(
            String id,
            String key,
            String form,
            int rings,
            int takes,
            int clean,
            @Nullable BigDecimal bestBpm,
            @Nullable Double bestNotesPerSecond,
            @Nullable LocalDate lastDay,
            JudgementKind kind,
            String sentence,
            @Nullable String fading,
            List<String> slips) {}

    /** One stone of the path; {@code fading} where something learned in it is overdue or slips. */
    public record StoneView(String tonic, int rings, boolean fading, List<FormView> forms) {}

    /**
     * A student's keys in their order.
     *
     * @param order the order in words
     * @param now the key that a plan is in; null without one
     */
    public record KeyPathView(
            String student,
            String instrument,
            String order,
            @Nullable String now,
            int mostRings,
            List<StoneView> stones) {}

    /** One key of one student: how far, in how many forms, and each in a sentence. */
    public record GridCell(int rings, int forms, boolean fading, List<String> sentences) {}

    /** A student's keys, in the order of the grid; {@code last} is their last take. */
    public record GridRow(
            long studentId, String name, String instrument, @Nullable LastTakeView last, List<GridCell> cells) {}

    /** Students by keys. */
    public record KeyGrid(List<String> keys, int mostRings, List<GridRow> items, int page, int pages, long total) {}

    /**
     * A day in one key.
     *
     * @param best the fastest clean take, in notes a second; null where none was
     */
    public record HistoryDay(LocalDate day, int daysAgo, int takes, int clean, @Nullable Double best) {}

    /**
     * Something that was given in a key.
     *
     * @param forecast whether its goal will be met; null without one
     * @param target the goal in notes a second
     */
    public record HistoryPiece(
            long assignmentId, String title, String sentence, @Nullable String forecast, @Nullable Double target) {}

    /**
     * How it came about in one key.
     *
     * @param fresh what it asks of the hand that nothing asked which was given before it, in clauses
     */
    public record KeyHistory(
            String key, List<HistoryDay> days, List<String> slips, List<String> fresh, List<HistoryPiece> pieces) {}
}
