package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Climbs;
import pebblestep.core.climb.Policy;
import pebblestep.core.forecast.Estimate;
import pebblestep.core.forecast.Goal;
import pebblestep.core.forecast.Habit;
import pebblestep.core.forecast.Pace;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

/** The range of days is held against students whose pace is known, because they are made up. */
class EstimateTest {
    private static final LocalDate FIRST = LocalDate.of(2026, 3, 2);
    private static final Ascent CLIMB = Climbs.ascent(Policy.IN_TURN, Climbs.tempo(60, 140, 4));
    private static final int STUDENTS = 250;

    /** What their studio has seen: rungs on practice days of students like them. */
    private static final Pace.Seen STUDIO = studio();

    private static Pace.Seen studio() {
        double days = 0;
        double rungs = 0;
        for (int i = 0; i < 60; i++) {
            Random random = new Random(90_000 + i);
            Pace.Seen seen =
                    MadeUpClimber.of(random, CLIMB, FIRST).after(21, random).climbed(FIRST.plusDays(20));
            days += seen.days();
            rungs += seen.rungs();
        }
        return new Pace.Seen(days, rungs, 0);
    }

    private static LocalDate between(LocalDate today, LocalDate one, LocalDate other) {
        double a = ChronoUnit.DAYS.between(today, one);
        double b = ChronoUnit.DAYS.between(today, other);
        return today.plusDays(Math.round(Math.sqrt(a * b)));
    }

    /** At least eight of ten; and a range of half that width would not do, so it is no wider than it must be. */
    @ParameterizedTest
    @ValueSource(ints = {1, 3, 7, 14, 21})
    void the_range_holds_the_true_day_in_eight_of_ten_and_half_of_it_would_not(int daysSeen) {
        int within = 0;
        int withinHalf = 0;
        int all = 0;
        for (int seed = 0; seed < STUDENTS; seed++) {
            Random random = new Random(seed);
            MadeUpClimber student = MadeUpClimber.of(random, CLIMB, FIRST);
            Progress so = student.after(daysSeen, random);
            if (so.standing().topPassed()) continue;
            LocalDate today = FIRST.plusDays(daysSeen - 1L);
            Estimate estimate = Estimate.of(
                    so.standing().on(today).ahead(), Pace.of(so.climbed(today), STUDIO), so.habit(today, 5), today);
            LocalDate done = student.done(so, today, random);
            all++;
            if (!done.isBefore(estimate.early()) && !done.isAfter(estimate.late())) within++;
            boolean inHalf = !done.isBefore(between(today, estimate.early(), estimate.likely()))
                    && !done.isAfter(between(today, estimate.likely(), estimate.late()));
            if (inHalf) withinHalf++;
        }
        assertThat((double) within / all).as("of %d", all).isBetween(0.8, 0.93);
        assertThat((double) withinHalf / all).as("in half the range").isLessThan(0.72);
    }

    @Test
    void few_days_are_like_the_studio_and_many_speak_for_themselves() {
        Pace.Seen studio = new Pace.Seen(200, 300, 0);
        assertThat(Pace.of(Pace.Seen.NOTHING, Pace.Seen.NOTHING).aDay()).isEqualTo(1);
        assertThat(Pace.of(Pace.Seen.NOTHING, Pace.Seen.NOTHING).source()).isEqualTo(Pace.Source.RECKONED);
        Pace like = Pace.of(Pace.Seen.NOTHING, studio);
        assertThat(like.source()).isEqualTo(Pace.Source.STUDIO);
        assertThat(like.aDay()).isBetween(1.4, 1.5);
        Pace own = Pace.of(new Pace.Seen(20, 8, 8), studio);
        assertThat(own.source()).isEqualTo(Pace.Source.OWN);
        assertThat(own.aDay()).isBetween(0.4, 0.55);
        // Who has only stepped back is still believed to get on one day.
        assertThat(Pace.of(new Pace.Seen(10, -4, 6), studio).aDay()).isBetween(0.1, 0.4);
    }

    @Test
    void a_climb_that_ends_below_a_goal_says_nothing_about_it() {
        Goal above = new Goal(Tempo.quarters(200), Fraction.of(1, 4), FIRST.plusDays(30));
        Goal within = new Goal(Tempo.quarters(68), Fraction.of(1, 4), FIRST.plusDays(30));
        assertThat(Estimate.rungsTo(above, CLIMB, CLIMB.climb().first())).isEmpty();
        assertThat(Estimate.rungsTo(within, CLIMB, CLIMB.climb().first())).hasValue(3);
        Progress begun = Progress.start(Key.of(NoteName.parse("C"), Forms.of("major")), CLIMB);
        Schedule daily = Schedule.daily(FIRST, FIRST.plusDays(60));
        assertThat(begun.forecast(above, STUDIO, daily, FIRST).estimate()).isEmpty();
        assertThat(begun.forecast(within, STUDIO, daily, FIRST).estimate()).isPresent();
        assertThat(begun.forecast(within, STUDIO, daily, FIRST).sentence())
                .startsWith("Too few days to judge 68 bpm on 1 April: there between")
                .contains("at the studio's");
    }

    @Test
    void a_range_narrows_as_more_is_seen_and_is_further_for_rarer_practice() {
        Pace few = Pace.of(new Pace.Seen(4, 4, 6), Pace.Seen.NOTHING);
        Pace many = Pace.of(new Pace.Seen(24, 24, 36), Pace.Seen.NOTHING);
        Estimate wide = Estimate.of(12, few, Habit.aWeek(5), FIRST);
        Estimate narrow = Estimate.of(12, many, Habit.aWeek(5), FIRST);
        assertThat(narrow.early()).isAfterOrEqualTo(wide.early());
        assertThat(narrow.late()).isBefore(wide.late());
        assertThat(Estimate.of(12, many, Habit.aWeek(2), FIRST).likely()).isAfter(narrow.likely());
        assertThat(Estimate.of(0, many, Habit.aWeek(5), FIRST).late()).isEqualTo(FIRST);
    }
}
