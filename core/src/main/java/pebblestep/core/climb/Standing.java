package pebblestep.core.climb;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import pebblestep.core.Identified;

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
 * @param held whether the teacher holds the student on the rung
 * @param day the day on which it is seen
 */
public record Standing(
        Ascent ascent,
        Position at,
        int cleanInRow,
        int missesInRow,
        int passedToday,
        Change lastMove,
        Optional<Position> from,
        boolean topPassed,
        boolean held,
        LocalDate day) {
    /** What the last event did to the standing. */
    public enum Change implements Identified {
        NONE,
        PASSED,
        STEPPED_BACK,
        /** Enough clean attempts, but the day's rungs are used up: the next rung opens tomorrow. */
        WAITS,
        /** Enough clean attempts, and the teacher picks what comes next. */
        TEACHER_PICKS,
        /** Enough clean attempts, and the teacher holds the student here. */
        HELD,
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
        Climber walk = new Climber(start(given));
        for (ClimbEvent event : events) walk.take(event);
        walk.open(today);
        return walk.standing();
    }

    /** Before anything has happened: on the first rung, on no day yet. */
    public static Standing start(Ascent given) {
        Position first = given.climb().first();
        return new Standing(given, first, 0, 0, 0, Change.NONE, Optional.empty(), false, false, LocalDate.MIN);
    }

    /** The standing after one more event, as seen on its day. */
    public Standing then(ClimbEvent event) {
        Climber walk = new Climber(this);
        walk.take(event);
        return walk.standing();
    }

    /** Whether what was played is the last rung of the climb. */
    public boolean reachesTop(Attempt attempt) {
        return attempt.reaches(ascent.climb(), ascent.climb().last());
    }

    /** How many rungs up another standing on the same climb is, the last one passed counting as one more. */
    public int rungsTo(Standing later) {
        boolean stays = at.equals(later.at) && topPassed == later.topPassed;
        return stays ? 0 : ahead() - later.ahead();
    }

    /** Rungs that are still to be passed. */
    public int ahead() {
        return topPassed ? 0 : ascent.moves().routeFrom(at).size();
    }

    /** The standing as seen on a later day; this one where the day is not later. */
    public Standing on(LocalDate later) {
        Climber walk = new Climber(this);
        walk.open(later);
        return walk.standing();
    }

    /** The walk up the climb; mutable, and seen by nobody else. */
    private static final class Climber {
        private Ascent ascent;
        private Position at;
        private LocalDate day;
        private int clean;
        private int misses;
        private int passedToday;
        private boolean top;
        private boolean held;
        private Change move;
        private Optional<Position> from;

        Climber(Standing standing) {
            ascent = standing.ascent;
            at = standing.at;
            day = standing.day;
            clean = standing.cleanInRow;
            misses = standing.missesInRow;
            passedToday = standing.passedToday;
            top = standing.topPassed;
            held = standing.held;
            move = standing.lastMove;
            from = standing.from;
        }

        void take(ClimbEvent event) {
            open(event.day());
            switch (event) {
                case ClimbEvent.Changed changed -> change(changed.ascent());
                case ClimbEvent.Placed placed -> put(placed.at());
                case ClimbEvent.Held holding -> hold(holding.holds());
                case Attempt attempt -> attempt(attempt);
            }
        }

        private void change(Ascent other) {
            Position kept = other.nearest(ascent, at);
            ascent = other;
            put(kept);
        }

        /** A new day gives the rungs of the day back, and opens a rung that was waiting for it. */
        void open(LocalDate next) {
            if (!next.isAfter(day)) return;
            day = next;
            passedToday = 0;
            if (move == Change.WAITS) pass();
        }

        private void hold(boolean holds) {
            held = holds;
            boolean enough = clean >= ascent.climb().rules().cleanToPass();
            if (!holds && enough && move == Change.HELD) enough();
        }

        private void put(Position to) {
            held = false;
            ascent.climb().require(to);
            move(to, Change.PLACED);
            misses = 0;
            top = false;
        }

        private void attempt(Attempt attempt) {
            // What the teacher has to pick stays open until it is picked or lost.
            boolean open = move == Change.TEACHER_PICKS;
            move = open ? Change.TEACHER_PICKS : Change.NONE;
            if (!attempt.clean()) miss();
            else if (!open && attempt.reaches(ascent.climb(), at)) clean();
        }

        private void miss() {
            clean = 0;
            top = false;
            if (++misses < ascent.climb().rules().missesToStepBack()) return;
            misses = 0;
            ascent.moves().back(at).ifPresent(to -> move(to, Change.STEPPED_BACK));
        }

        private void clean() {
            misses = 0;
            if (++clean >= ascent.climb().rules().cleanToPass()) enough();
        }

        private void enough() {
            if (held) move = Change.HELD;
            else if (passedToday < ascent.climb().rules().rungsADay()) pass();
            else move = Change.WAITS;
        }

        private void pass() {
            if (ascent.isLast(at)) {
                top = true;
                return;
            }
            Optional<Position> next = ascent.moves().next(at);
            if (next.isEmpty()) {
                move = Change.TEACHER_PICKS;
                return;
            }
            move(next.get(), Change.PASSED);
            passedToday++;
        }

        private void move(Position to, Change how) {
            from = Optional.of(at);
            at = to;
            clean = 0;
            move = how;
        }

        Standing standing() {
            return new Standing(ascent, at, clean, misses, passedToday, move, from, top, held, day);
        }
    }
}
