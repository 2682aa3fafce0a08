package pebblestep.core.climb;

import java.time.LocalDate;
import java.util.List;
import pebblestep.core.tempo.TempoLadder;

/**
 * Where a student stands on a tempo ladder, computed from every attempt so far.
 *
 * @param rung index of the rung to play now
 * @param cleanInRow clean attempts in a row at or above it
 * @param missesInRow attempts in a row that were not clean
 * @param passedToday rungs passed on the day asked about
 * @param lastMove what the last attempt did
 * @param topPassed whether the target itself is passed
 */
public record Standing(int rung, int cleanInRow, int missesInRow, int passedToday, Move lastMove, boolean topPassed) {
    /** What the last attempt did to the standing. */
    public enum Move {
        NONE,
        PASSED,
        STEPPED_BACK,
        /** Enough clean attempts, but the day's rungs are used up: the next rung opens tomorrow. */
        WAITS
    }

    /**
     * The standing after these attempts, oldest first, as seen on a day. A clean attempt below the rung is good
     * practice and counts neither way.
     */
    public static Standing after(List<Attempt> attempts, TempoLadder ladder, Rules rules, LocalDate today) {
        Walk walk = new Walk(ladder, rules);
        for (Attempt attempt : attempts) walk.take(attempt);
        walk.open(today);
        return walk.standing();
    }

    /** Rungs passed so far, the target included once it is. */
    public int passed() {
        return topPassed ? rung + 1 : rung;
    }

    /** The walk up the ladder; mutable, and seen by nobody else. */
    private static final class Walk {
        private final TempoLadder ladder;
        private final Rules rules;
        private LocalDate day = LocalDate.MIN;
        private int rung;
        private int clean;
        private int misses;
        private int passedToday;
        private boolean top;
        private Move move = Move.NONE;

        Walk(TempoLadder ladder, Rules rules) {
            this.ladder = ladder;
            this.rules = rules;
        }

        void take(Attempt attempt) {
            open(attempt.day());
            move = Move.NONE;
            if (!attempt.clean()) miss();
            else if (attempt.bpm().compareTo(ladder.rung(rung)) >= 0 || isDescending()) clean();
        }

        /** A new day gives the rungs of the day back, and opens a rung that was waiting for it. */
        void open(LocalDate next) {
            if (!next.isAfter(day)) return;
            day = next;
            passedToday = 0;
            if (move == Move.WAITS) pass();
        }

        private boolean isDescending() {
            return ladder.target().compareTo(ladder.rung(0)) < 0;
        }

        private void miss() {
            clean = 0;
            top = false;
            if (++misses < rules.missesToStepBack()) return;
            misses = 0;
            if (rung > 0) {
                rung--;
                move = Move.STEPPED_BACK;
            }
        }

        private void clean() {
            misses = 0;
            if (++clean < rules.cleanToPass()) return;
            if (passedToday < rules.rungsADay()) pass();
            else move = Move.WAITS;
        }

        private void pass() {
            if (rung == ladder.size() - 1) {
                top = true;
                return;
            }
            rung++;
            passedToday++;
            clean = 0;
            move = Move.PASSED;
        }

        Standing standing() {
            return new Standing(rung, clean, misses, passedToday, move, top);
        }
    }
}
