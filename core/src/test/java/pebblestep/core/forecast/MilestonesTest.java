package pebblestep.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Climbs;
import pebblestep.core.climb.Policy;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;

/** The weeks that lead to a goal. */
class MilestonesTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 29);

    private static java.util.List<Milestones.Milestone> until(LocalDate day) {
        Ascent ascent = Climbs.ascent(Policy.IN_TURN, Climbs.tempo(60, 100, 4));
        Goal goal = new Goal(ascent.step().tempo().at(Bpm.of(100)), Fraction.parse("1/4"), day);
        return Milestones.of(ascent, ascent.climb().first(), 1.0, goal, TODAY);
    }

    @Test
    void a_goal_that_is_near_has_every_week_and_its_own_day() {
        assertThat(until(TODAY.plusDays(17)))
                .extracting(Milestones.Milestone::by)
                .containsExactly(TODAY.plusDays(7), TODAY.plusDays(14), TODAY.plusDays(17));
        assertThat(until(TODAY)).isEmpty();
    }

    @Test
    void a_goal_in_another_century_has_two_years_of_weeks() {
        assertThat(until(LocalDate.of(2199, 1, 1))).hasSize(104);
    }
}
