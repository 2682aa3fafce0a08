package pebblestep.documents.bench;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.climb.AxisKind;
import pebblestep.core.forecast.Pace;

/**
 * A climb, worked out.
 *
 * @param at the rung it starts from
 * @param levels axes that move as one, innermost first, by their places among the axes
 * @param walk every rung from there to the last
 * @param least the least practice of all, in words
 * @param leastDays the fewest days
 * @param moves what leads up from there
 * @param prospect when it is likely to be done
 * @param cleanShare share of clean takes that is reckoned with, in percent
 * @param ownShare whether that share is the student's own
 */
public record ClimbAnswer(
        List<Integer> at,
        List<List<Integer>> levels,
        List<AxisView> axes,
        List<RungView> walk,
        String least,
        int leastDays,
        List<MoveView> moves,
        ProspectView prospect,
        int cleanShare,
        boolean ownShare) {

    /**
     * An axis, and each of its rungs with the others as they stand.
     *
     * @param each how many beats every rung takes, where all take the same: what makes octaves grow with the division
     */
    public record AxisView(AxisKind axis, String name, List<RungView> rungs, @Nullable String each) {}

    /**
     * A rung of a climb.
     *
     * @param at an index for each axis
     * @param words what it is on its axis; on a walk, on all of them
     * @param stage what it is on all axes but tempo; empty where only the tempo is climbed
     * @param bpm beats a minute
     * @param notesPerSecond in the shortest value
     * @param notes attacks of the line
     * @param beats from the first note to the start of the last, as a fraction of beats
     * @param seconds what playing it on a day takes, with count-in, repetitions and rest
     * @param time the same in words
     */
    public record RungView(
            List<Integer> at,
            String words,
            String stage,
            BigDecimal bpm,
            double notesPerSecond,
            int notes,
            String beats,
            int seconds,
            String time) {}

    /** A move up: what moves, where to, and what it changes. */
    public record MoveView(List<AxisKind> axes, List<Integer> to, String words, String sentence) {}

    /**
     * When a climb is likely to be done, and whether a day is met.
     *
     * @param early the first of the days that hold the true one in four of five cases
     * @param done the likeliest
     * @param late the last of them
     * @param source whose days it rests on
     */
    public record ProspectView(
            int days,
            LocalDate early,
            LocalDate done,
            LocalDate late,
            Pace.Source source,
            @Nullable Long daysLate,
            @Nullable Integer enough,
            String sentence) {}
}
