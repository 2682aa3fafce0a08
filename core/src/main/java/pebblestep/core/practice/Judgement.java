package pebblestep.core.practice;

import java.time.LocalDate;
import pebblestep.core.climb.Rules;
import pebblestep.core.climb.Standing;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.tempo.TempoLadder;

/**
 * What the takes of a piece of work say, in one sentence with its numbers.
 *
 * @param kind the short of it, for a sign beside the sentence
 * @param sentence the whole of it
 */
public record Judgement(Kind kind, String sentence) {
    /** What a judgement comes to, in the order in which it needs the teacher: what is held up first. */
    public enum Kind {
        BACK,
        MISSES,
        REACHED,
        READY,
        NEW,
        WAITS,
        HOLD
    }

    /** The judgement of a piece of work as seen on a day. */
    public static Judgement of(Work work, LocalDate today) {
        TempoLadder ladder = work.ladder();
        if (work.takes().isEmpty()) {
            return new Judgement(Kind.NEW, "Not started: begins at " + ladder.rung(0) + " bpm.");
        }
        Standing standing = work.standing(today);
        int needed = Rules.USUAL.cleanToPass();
        Bpm now = ladder.rung(standing.rung());
        if (standing.topPassed()) {
            return new Judgement(Kind.REACHED, "Target reached: " + needed + " clean in a row at " + now + " bpm.");
        }
        String next = standing.rung() + 1 < ladder.size()
                ? "then " + ladder.rung(standing.rung() + 1)
                : "then the target is reached";
        return switch (standing.lastMove()) {
            case PASSED ->
                new Judgement(
                        Kind.READY,
                        needed + " clean at " + ladder.rung(standing.rung() - 1) + " bpm: ready for " + now + ".");
            case STEPPED_BACK ->
                new Judgement(Kind.BACK, Rules.USUAL.missesToStepBack() + " takes not clean: back to " + now + " bpm.");
            case WAITS ->
                new Judgement(
                        Kind.WAITS,
                        needed + " clean at " + now + " bpm, and " + standing.passedToday()
                                + " rungs passed today: enough for today, " + next + " tomorrow.");
            case NONE ->
                standing.missesInRow() > 0
                        ? new Judgement(Kind.MISSES, misses(standing, ladder, now))
                        : new Judgement(
                                Kind.HOLD,
                                standing.cleanInRow() + " of " + needed + " clean in a row at " + now + " bpm, " + next
                                        + ".");
        };
    }

    private static String misses(Standing standing, TempoLadder ladder, Bpm now) {
        int most = Rules.USUAL.missesToStepBack();
        String row = standing.missesInRow() + (standing.missesInRow() == 1 ? " take" : " takes in a row");
        String said = row + " not clean at " + now + " bpm";
        if (standing.rung() == 0)
            return said + ": stay here until " + Rules.USUAL.cleanToPass() + " in a row are clean.";
        return said + "; after " + most + " it goes back to " + ladder.rung(standing.rung() - 1) + ".";
    }
}
