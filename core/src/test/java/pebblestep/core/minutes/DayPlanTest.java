package pebblestep.core.minutes;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.samples.Samples.Ints;

/** What is trimmed, in which order, and what it frees: worked out by hand. */
class DayPlanTest {
    /** Four seconds of count-in and eight a repetition: 52.8 s for five, 43.2 for four, 33.6, and 24 for two. */
    private static Load times(int repetitions) {
        return new Load(Duration.ofSeconds(4), Duration.ofSeconds(8), repetitions);
    }

    private static Portion learn(String name, int repetitions) {
        return Portion.of(name, times(repetitions));
    }

    private static DayPlan plan(int seconds, Portion... portions) {
        return DayPlan.of(List.of(portions), Duration.ofSeconds(seconds));
    }

    private static List<String> said(DayPlan plan) {
        return plan.trims().stream().map(Trim::sentence).toList();
    }

    @Test
    void what_fits_is_left_alone() {
        DayPlan plan = plan(120, learn("G", 5), learn("D", 5));
        assertThat(plan.fits()).isTrue();
        assertThat(plan.over()).isZero();
        assertThat(plan.takes()).isEqualTo(Duration.ofMillis(105_600));
        assertThat(plan.sentence()).isEqualTo("1 min 46 s of 2 min: it fits.");
        assertThat(plan.week(5)).isEqualTo(Duration.ofSeconds(528));
    }

    @Test
    void repetitions_go_first_from_the_step_with_most_of_them_never_under_two() {
        // 105.6 → 5 and 4: 96 → 4 and 4: 86.4 → 76.8 → 3 and 3: 67.2 → 3 and 2: 57.6.
        DayPlan plan = plan(60, learn("G", 5), learn("D", 5));
        assertThat(plan.kept().stream().map(kept -> kept.orElseThrow().load().repetitions()))
                .containsExactly(3, 2);
        assertThat(said(plan))
                .containsExactly(
                        "Play G 3 times instead of 5: frees 20 s.", "Play D 2 times instead of 5: frees 29 s.");
        assertThat(plan.sentence()).isEqualTo("1 min 46 s of 1 min: 46 s too long; trimmed it takes 58 s.");
    }

    @Test
    void then_the_reviews_furthest_from_due_and_then_the_last_step() {
        Portion far = Portion.review("C", times(2), 3);
        Portion near = Portion.review("F", times(2), 1);
        Portion late = Portion.review("A", times(2), -2);
        // 24 s each, five of them 120: two have to go for 75 s, four for 30 s.
        DayPlan two = plan(75, learn("G", 2), far, near, late, learn("D", 2));
        assertThat(said(two))
                .containsExactly(
                        "Leave out the review of C, due in 3 days: frees 24 s.",
                        "Leave out the review of F, due tomorrow: frees 24 s.");
        DayPlan four = plan(30, learn("G", 2), far, near, late, learn("D", 2));
        assertThat(said(four).subList(2, 4))
                .containsExactly(
                        "Leave out the review of A, overdue by 2 days: frees 24 s.", "Leave out D: frees 24 s.");
        assertThat(four.kept().get(0)).isPresent();
        assertThat(four.takes()).isEqualTo(Duration.ofSeconds(24));
    }

    @Test
    void a_plan_never_claims_what_does_not_fit_at_all() {
        DayPlan none = plan(20, learn("G", 2), learn("D", 1));
        assertThat(none.takes()).isEqualTo(Duration.ZERO);
        assertThat(none.kept()).containsOnly(Optional.empty());
        assertThat(none.sentence()).isEqualTo("39 s of 20 s: 19 s too long, and no step fits even when played twice.");
    }

    Draw<List<Portion>> routines() {
        Draw<Load> loads = random -> new Load(
                Duration.ofMillis(Draw.longs(0, 20_000).from(random)),
                Duration.ofMillis(Draw.longs(500, 90_000).from(random)),
                Draw.ints(1, 12).from(random));
        Draw<OptionalInt> due =
                Draw.oneOf(Draw.just(OptionalInt.empty()), Draw.ints(-9, 16).map(OptionalInt::of));
        return Draw.both(loads, due, (load, days) -> new Portion("a step", load, days))
                .list(1, 12);
    }

    @Samples(400)
    void a_fitted_plan_never_exceeds_the_minutes_and_says_what_each_trim_frees(
            @From("routines") List<Portion> routine, @Ints(min = 1, max = 60) int minutes) {
        DayPlan plan = DayPlan.of(routine, Duration.ofMinutes(minutes));
        assertThat(plan.takes()).isLessThanOrEqualTo(Duration.ofMinutes(minutes));
        Duration freed = plan.trims().stream().map(Trim::frees).reduce(Duration.ZERO, Duration::plus);
        assertThat(plan.asked().minus(freed)).isEqualTo(plan.takes());
        assertThat(plan.fits()).isEqualTo(plan.asked().compareTo(Duration.ofMinutes(minutes)) <= 0);
        List<TrimKind> kinds =
                new ArrayList<>(plan.trims().stream().map(Trim::kind).toList());
        assertThat(kinds).isSorted();
        for (int i = 0; i < routine.size(); i++) {
            int asked = routine.get(i).load().repetitions();
            plan.kept().get(i).ifPresent(kept -> assertThat(kept.load().repetitions())
                    .isBetween(Math.min(2, asked), asked));
        }
    }

    @Samples(200)
    void no_trim_is_made_in_vain(@From("routines") List<Portion> routine, @Ints(min = 1, max = 60) int minutes) {
        DayPlan plan = DayPlan.of(routine, Duration.ofMinutes(minutes));
        plan.trims().stream()
                .reduce((before, last) -> last)
                .filter(last -> last.kind() != TrimKind.REPETITIONS)
                .ifPresent(
                        last -> assertThat(plan.takes().plus(last.frees())).isGreaterThan(Duration.ofMinutes(minutes)));
    }
}
