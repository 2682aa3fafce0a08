package pebblestep.documents.practice;

import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.practice.JudgementKind;
import pebblestep.core.practice.Purpose;

/**
 * One thing to practise today, and where the student stands on it.
 *
 * @param assignmentId what its takes are sent for
 * @param edition counts what the teacher decided about it
 * @param misfit why it cannot be played now; absent where it can
 */
public record TodayItem(
        long assignmentId,
        int edition,
        HeadPart head,
        ToPlayPart toPlay,
        ReasonPart why,
        StandingPart standing,
        DayPart day,
        @Nullable MisfitPart misfit) {

    /**
     * Why something cannot be played.
     *
     * @param sentence with the notes that it needs and those that there are
     * @param nearest what of it would fit; absent where nothing does
     */
    public record MisfitPart(String sentence, @Nullable String nearest) {}

    /**
     * What an item is called, and in what it counts.
     *
     * @param key written, as the player reads it
     * @param tonic the tonic of that key
     * @param beat the note value that the tempo counts, as it is printed
     */
    public record HeadPart(String title, String key, String tonic, String beat) {}

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
}
