package pebblestep.core.climb;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * Where a student stands on a climb, computed from everything that happened so far.
 *
 * @param ascent the climb as it is now
 * @param at the rung to play now
 * @param cleanInRow clean attempts in a row at or above it
 * @param missesInRow attempts in a row that were not clean
 * @param passedToday rungs passed on the day asked about
 * @param lastMove what the last event did
 * @param from the rung before the last move, where it moved
 * @param topPassed whether the last rung itself is passed
 */
public record Standing(
        Ascent ascent,
        Position at,
        int cleanInRow,
        int missesInRow,
        int passedToday,
        Move lastMove,
        Optional<Position> from,
        boolean topPassed) {
    /** What the last event did to the standing. */
    public enum Move {
        NONE,
        PASSED,
        STEPPED_BACK,
        /** Enough clean attempts, but the day's rungs are used up: the next rung opens tomorrow. */
        WAITS,
        /** Enough clean attempts, and the teacher picks what comes next. */
        TEACHER_PICKS,
        /** The teacher moved the student, or changed the climb. */
        PLACED
    }

    /**
     * The standing after these events, oldest first, as seen on a day. A clean attempt below the rung is good practice and
     * counts neither way.
     *
     * @param given the climb as it was first given
     */
    public static Standing after(List<? extends ClimbEvent> events, Ascent given, LocalDate today) {
        Walk walk = new Walk(given);
        for (ClimbEvent event : events) walk.take(event);
        walk.open(today);
        return walk.standing();
    }

    /** The walk up the climb; mutable, and seen by nobody else. */
    private static final class Walk {
        private Ascent ascent;
        private Position at;
        private LocalDate day = LocalDate.MIN;
        private int clean;
        private int misses;
        private int passedToday;
        private boolean top;
        private Move move = Move.NONE;
        private Optional<Position> from = Optional.empty();

        Walk(Ascent given) {
            this.ascent = given;
            this.at = given.climb().first();
        }

        void take(ClimbEvent event) {
            open(event.day());
            if (event instanceof ClimbEvent.Changed changed) {
                Position kept = changed.ascent().nearest(ascent, at);
                ascent = changed.ascent();
                put(kept);
            } else if (event instanceof ClimbEvent.Placed placed) {
                put(placed.at());
            } else if (event instanceof Attempt attempt) {
                attempt(attempt);
            }
        }

        /** A new day gives the rungs of the day back, and opens a rung that was waiting for it. */
        void open(LocalDate next) {
            if (!next.isAfter(day)) return;
            day = next;
            passedToday = 0;
            if (move == Move.WAITS) pass();
        }

        private void put(Position to) {
            ascent.climb().require(to);
            move(to, Move.PLACED);
            misses = 0;
            top = false;
        }

        private void attempt(Attempt attempt) {
            // What the teacher has to pick stays open until it is picked or lost.
            boolean open = move == Move.TEACHER_PICKS;
            move = open ? Move.TEACHER_PICKS : Move.NONE;
            if (!attempt.clean()) miss();
            else if (!open && ascent.reaches(attempt, at)) clean();
        }

        private void miss() {
            clean = 0;
            top = false;
            if (++misses < ascent.climb().rules().missesToStepBack()) return;
            misses = 0;
            ascent.back(at).ifPresent(to -> move(to, Move.STEPPED_BACK));
        }

        private void clean() {
            misses = 0;
            if (++clean < ascent.climb().rules().cleanToPass()) return;
            if (passedToday < ascent.climb().rules().rungsADay()) pass();
            else move = Move.WAITS;
        }

        private void pass() {
            if (ascent.isLast(at)) {
                top = true;
                return;
            }
            Optional<Position> next = ascent.next(at);
            if (next.isEmpty()) {
                move = Move.TEACHER_PICKS;
                return;
            }
            move(next.get(), Move.PASSED);
            passedToday++;
        }

        private void move(Position to, Move how) {
            from = Optional.of(at);
            at = to;
            clean = 0;
            move = how;
        }

        Standing standing() {
            return new Standing(ascent, at, clean, misses, passedToday, move, from, top);
        }
    }
}
