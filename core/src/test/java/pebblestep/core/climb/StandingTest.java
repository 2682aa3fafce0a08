package pebblestep.core.climb;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.tempo.LadderScheme;

/** The laws of climbing; its rules are common practice, no source. */
class StandingTest {
    private static final LocalDate FIRST = LocalDate.of(2026, 3, 2);
    private static final Ascent ASCENT = ladder(60, 120, 6);

    private static Ascent ladder(long from, long to, long by) {
        return Ascent.of(Steps.PLAIN, Climb.tempo(Bpm.of(from), Bpm.of(to), LadderScheme.fixed(by)));
    }

    private static int rung(Standing standing) {
        return standing.at().rung(0);
    }

    /** Attempts over ten days: true is clean, at whatever rung the student stands on. */
    Draw<List<List<Boolean>>> days() {
        return Draw.of(true, true, false).list(0, 14).list(0, 10);
    }

    private static List<Attempt> played(List<List<Boolean>> days) {
        List<Attempt> attempts = new ArrayList<>();
        LocalDate day = FIRST;
        for (List<Boolean> tries : days) {
            for (boolean clean : tries) {
                Standing now = Standing.after(attempts, ASCENT, day);
                attempts.add(new Attempt(ASCENT.bpm(now.at()), clean, day));
            }
            day = day.plusDays(1);
        }
        return attempts;
    }

    @Samples(150)
    void a_student_moves_one_rung_at_a_time_and_three_up_a_day_at_most(@From("days") List<List<Boolean>> days) {
        List<Attempt> attempts = played(days);
        int rung = 0;
        int upToday = 0;
        LocalDate day = FIRST;
        for (int i = 1; i <= attempts.size(); i++) {
            Attempt attempt = attempts.get(i - 1);
            if (attempt.day().isAfter(day)) {
                day = attempt.day();
                upToday = 0;
            }
            Standing now = Standing.after(attempts.subList(0, i), ASCENT, attempt.day());
            assertThat(rung(now)).isBetween(0, ASCENT.moves().route().size() - 1);
            // Overnight a waiting rung may open before the attempt that then moves back or forth.
            assertThat(Math.abs(rung(now) - rung)).isLessThanOrEqualTo(2);
            assertThat(now.passedToday()).isLessThanOrEqualTo(Rules.USUAL.rungsADay());
            if (now.lastMove() == Standing.Change.PASSED) upToday++;
            assertThat(upToday).isLessThanOrEqualTo(Rules.USUAL.rungsADay());
            rung = rung(now);
        }
    }

    @Samples(150)
    void the_standing_is_computed_from_the_attempts_alone(@From("days") List<List<Boolean>> days) {
        List<Attempt> attempts = played(days);
        LocalDate later = FIRST.plusDays(30);
        Standing once = Standing.after(attempts, ASCENT, later);
        assertThat(Standing.after(List.copyOf(attempts), ASCENT, later)).isEqualTo(once);
        assertThat(!once.topPassed() || ASCENT.isLast(once.at())).isTrue();
    }

    @Samples(150)
    void slips_alone_never_lead_up(@From("days") List<List<Boolean>> days) {
        List<Attempt> attempts = new ArrayList<>(played(days));
        int before = rung(Standing.after(attempts, ASCENT, FIRST.plusDays(30)));
        for (int i = 0; i < 7; i++) attempts.add(new Attempt(Bpm.of(60), false, FIRST.plusDays(31)));
        Standing after = Standing.after(attempts, ASCENT, FIRST.plusDays(31));
        assertThat(rung(after)).isLessThanOrEqualTo(before);
        assertThat(after.topPassed()).isFalse();
    }

    @Test
    void clean_below_the_rung_counts_neither_way() {
        List<Attempt> attempts = new ArrayList<>();
        for (int i = 0; i < 3; i++) attempts.add(new Attempt(Bpm.of(60), true, FIRST));
        attempts.add(new Attempt(Bpm.of(66), true, FIRST));
        Standing before = Standing.after(attempts, ASCENT, FIRST);
        attempts.add(new Attempt(Bpm.of(60), true, FIRST));
        Standing after = Standing.after(attempts, ASCENT, FIRST);
        assertThat(rung(after)).isEqualTo(rung(before)).isEqualTo(1);
        assertThat(after.cleanInRow()).isEqualTo(before.cleanInRow()).isEqualTo(1);
    }

    @Test
    void on_a_ladder_that_goes_down_slower_is_further() {
        Ascent down = ladder(80, 60, 10);
        List<Attempt> attempts = List.of(
                new Attempt(Bpm.of(80), true, FIRST),
                new Attempt(Bpm.of(80), true, FIRST),
                new Attempt(Bpm.of(80), true, FIRST),
                new Attempt(Bpm.of(70), true, FIRST));
        Standing standing = Standing.after(attempts, down, FIRST);
        assertThat(down.bpm(standing.at())).isEqualTo(Bpm.of(70));
        assertThat(standing.cleanInRow()).isEqualTo(1);
        List<Attempt> faster = List.of(attempts.get(0), attempts.get(1), attempts.get(2), attempts.get(0));
        assertThat(Standing.after(faster, down, FIRST).cleanInRow()).isZero();
    }

    @Test
    void rules_can_be_set_and_nonsense_is_refused() {
        Ascent quick = Ascent.of(Steps.PLAIN, ASCENT.climb().under(new Rules(1, 1, 2)));
        List<Attempt> attempts = List.of(
                new Attempt(Bpm.of(60), true, FIRST),
                new Attempt(Bpm.of(66), true, FIRST),
                new Attempt(Bpm.of(72), true, FIRST));
        Standing standing = Standing.after(attempts, quick, FIRST);
        assertThat(rung(standing)).isEqualTo(2);
        assertThat(standing.lastMove()).isEqualTo(Standing.Change.WAITS);
        assertThat(rung(Standing.after(attempts, quick, FIRST.plusDays(1)))).isEqualTo(3);
        assertThatThrownBy(() -> new Rules(0, 3, 3)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Rules(3, 0, 3)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Rules(3, 3, 0)).isInstanceOf(Refusal.class);
    }

    private static List<ClimbEvent> clean(int times, long bpm, LocalDate day) {
        List<ClimbEvent> events = new ArrayList<>();
        for (int i = 0; i < times; i++) events.add(new Attempt(Bpm.of(bpm), true, day));
        return events;
    }

    @Test
    void what_the_teacher_has_to_pick_stays_open_until_it_is_picked() {
        Ascent picks = Climbs.ascent(
                Policy.TEACHER_PICKS, Climbs.tempo(60, 68, 8), Climbs.values("1/4", "1/8"), Climbs.octaves(1, 2));
        List<ClimbEvent> events = clean(3, 60, FIRST);
        events.addAll(clean(3, 68, FIRST));
        Standing open = Standing.after(events, picks, FIRST);
        assertThat(open.lastMove()).isEqualTo(Standing.Change.TEACHER_PICKS);
        assertThat(open.at()).isEqualTo(Position.of(1, 0, 0));
        events.add(new Attempt(Bpm.of(68), false, FIRST));
        assertThat(Standing.after(events, picks, FIRST).lastMove()).isEqualTo(Standing.Change.TEACHER_PICKS);
        events.add(new ClimbEvent.Placed(picks.moves().up(open.at()).get(1).to(), FIRST));
        Standing picked = Standing.after(events, picks, FIRST);
        assertThat(picked.at()).isEqualTo(Position.of(0, 0, 1));
        assertThat(picked.lastMove()).isEqualTo(Standing.Change.PLACED);
        assertThat(picked.cleanInRow()).isZero();
    }

    @Test
    void a_changed_climb_keeps_the_nearest_rung_that_is_not_harder_and_goes_on_from_there() {
        List<ClimbEvent> events = clean(3, 60, FIRST);
        events.addAll(clean(3, 66, FIRST));
        assertThat(ASCENT.bpm(Standing.after(events, ASCENT, FIRST).at())).hasToString("72");
        Ascent tens = ladder(50, 110, 10);
        events.add(new ClimbEvent.Changed(tens, FIRST));
        Standing changed = Standing.after(events, ASCENT, FIRST);
        assertThat(changed.ascent()).isEqualTo(tens);
        assertThat(tens.bpm(changed.at())).hasToString("70");
        events.addAll(clean(3, 70, FIRST));
        assertThat(tens.bpm(Standing.after(events, ASCENT, FIRST).at())).hasToString("80");
    }

    @Samples(100)
    void clean_takes_alone_lead_from_the_first_rung_to_the_last(@From("climbs") Ascent ascent) {
        List<ClimbEvent> events = new ArrayList<>();
        LocalDate day = FIRST;
        for (int i = 0; i < 12_000; i++) {
            Standing now = Standing.after(events, ascent, day);
            if (now.topPassed()) break;
            events.clear();
            // From where it stands: three clean takes pass a rung, and the teacher picks where there is a pick.
            events.add(new ClimbEvent.Placed(now.at(), day));
            for (int take = 0; take < 3; take++) {
                events.add(new Attempt(ascent.bpm(now.at()), ascent.climb().rungs(now.at()), true, day));
            }
            Standing after = Standing.after(events, ascent, day);
            if (after.lastMove() == Standing.Change.TEACHER_PICKS) {
                events.add(new ClimbEvent.Placed(
                        ascent.moves().up(after.at()).get(0).to(), day));
            }
            if (!after.topPassed()) {
                assertThat(Standing.after(events, ascent, day).at()).isNotEqualTo(now.at());
            }
            day = day.plusDays(1);
        }
        assertThat(Standing.after(events, ascent, day).topPassed()).isTrue();
    }

    Draw<Ascent> climbs() {
        return Climbs.any();
    }

    @Samples(100)
    void one_event_after_the_other_gives_the_same_as_all_at_once(@From("days") List<List<Boolean>> days) {
        List<Attempt> attempts = played(days);
        Standing stepwise = Standing.start(ASCENT);
        for (Attempt attempt : attempts) stepwise = stepwise.then(attempt);
        LocalDate day = FIRST.plusDays(days.size());
        assertThat(stepwise.on(day)).isEqualTo(Standing.after(attempts, ASCENT, day));
        Standing seen = stepwise.on(day);
        assertThat(seen.on(FIRST)).as("never earlier").isEqualTo(seen);
    }

    @Test
    void a_teacher_holds_a_student_and_lets_them_go_on() {
        Standing standing = Standing.start(ASCENT).then(new ClimbEvent.Held(true, FIRST));
        for (int i = 0; i < 4; i++) standing = standing.then(new Attempt(Bpm.of(60), true, FIRST));
        assertThat(rung(standing)).isZero();
        assertThat(standing.lastMove()).isEqualTo(Standing.Change.HELD);
        assertThat(rung(standing.on(FIRST.plusDays(3)))).as("no day opens it").isZero();
        assertThat(rung(standing.then(new ClimbEvent.Held(false, FIRST)))).isEqualTo(1);
        Standing placed = standing.then(new ClimbEvent.Placed(Position.of(2), FIRST));
        assertThat(placed.held()).as("another rung lets go").isFalse();
    }
}
