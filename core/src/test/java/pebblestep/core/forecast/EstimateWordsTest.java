package pebblestep.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** An estimate in words, and the pace that it rests on held against drawn days. */
class EstimateWordsTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 2);
    private static final int DRAWN = 40_000;

    private static EstimateWords words(Pace pace, Habit habit, int rungs) {
        return new EstimateWords(Estimate.of(rungs, pace, habit, TODAY), TODAY);
    }

    private static Pace own(int days, int rungs) {
        return Pace.of(new Pace.Seen(days, rungs, rungs), new Pace.Seen(days, rungs, rungs));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "30 | 30 | 1 | at 1 rung a practice day, seen on 30 days, 1 day a week",
                "30 | 15 | 5 | at 0.5 rungs a practice day, seen on 30 days, 5 days a week",
                "4 | 8 | 3 | at 1.8 rungs a practice day, seen on 4 days, 3 days a week"
            })
    void one_is_one_and_all_else_are_several(int days, int rungs, int daysAWeek, String said) {
        assertThat(words(own(days, rungs), Habit.aWeek(daysAWeek), 5).pace()).isEqualTo(said);
    }

    @Test
    void whose_days_speak_is_said() {
        Pace.Seen studio = new Pace.Seen(90, 190, 0);
        Habit habit = Habit.aWeek(2);
        assertThat(words(Pace.of(Pace.Seen.NOTHING, studio), habit, 5).pace())
                .isEqualTo("at the studio's 2 rungs a practice day, as none is seen on this climb yet, 2 days a week");
        assertThat(words(Pace.of(new Pace.Seen(1, 2, 4), studio), habit, 5).pace())
                .isEqualTo("at the studio's 2 rungs a practice day, as 1 day of their own is few, 2 days a week");
        assertThat(words(Pace.of(new Pace.Seen(3, 3, 3), Pace.Seen.NOTHING), habit, 5)
                        .pace())
                .isEqualTo("reckoned at 1 rung a practice day, as 3 days of their own are few, 2 days a week");
    }

    @Test
    void a_range_is_said_as_one_where_it_is_one_and_not_where_it_has_no_end() {
        Pace steady = own(200, 200);
        assertThat(words(steady, Habit.aWeek(7), 0).range()).isEqualTo("about 2 March");
        assertThat(words(steady, Habit.aWeek(7), 20).range())
                .startsWith("between ")
                .contains(", most likely ");
        assertThat(words(own(200, 1), Habit.aWeek(1), 400).range()).isEqualTo("not within years");
    }

    @Test
    void the_slope_agrees_within_the_range_and_else_it_is_quicker_or_slower() {
        EstimateWords words = words(own(20, 20), Habit.aWeek(7), 10);
        Estimate estimate = words.estimate();
        assertThat(words.check(null)).isEmpty();
        assertThat(words.check(estimate.early())).startsWith(" The slope of the clean tempos agrees: ");
        assertThat(words.check(estimate.late())).startsWith(" The slope of the clean tempos agrees: ");
        assertThat(words.check(estimate.early().minusDays(1))).contains(" is quicker: ");
        assertThat(words.check(estimate.late().plusDays(1))).contains(" is slower: ");
    }

    @Test
    void no_estimate_is_sooner_than_the_days_that_it_takes_at_least() {
        Estimate quick = Estimate.of(4, own(30, 120), Habit.aWeek(7), TODAY);
        Estimate held = quick.noSoonerThan(6, TODAY);
        assertThat(held.practiceDays()).isEqualTo(6);
        assertThat(held.early()).isEqualTo(TODAY.plusDays(5));
        assertThat(held.likely()).isEqualTo(TODAY.plusDays(5));
        assertThat(held.late()).isAfterOrEqualTo(held.likely());
        assertThat(quick.noSoonerThan(0, TODAY)).isEqualTo(quick);
        // At three or four days a week the same six are spread over more.
        assertThat(Estimate.of(4, own(30, 120), Habit.aWeek(3), TODAY)
                        .noSoonerThan(6, TODAY)
                        .early())
                .isEqualTo(TODAY.plusDays(12));
    }

    @Test
    void so_many_days_bring_so_many_rungs_and_no_more_than_there_are() {
        Estimate estimate = Estimate.of(10, own(100, 50), Habit.aWeek(7), TODAY);
        assertThat(estimate.after(0)).isZero();
        assertThat(estimate.after(8)).isEqualTo(4);
        assertThat(estimate.after(1000)).isEqualTo(10);
    }

    /**
     * The days that rungs take are a ratio of two gamma variables. With whole shapes each is a sum of exponential ones, so
     * that its logarithm's mean and variance can be drawn without any special function.
     */
    @ParameterizedTest
    @CsvSource({"3, 5, 4", "8, 12, 10", "1, 20, 15"})
    void the_logarithm_of_the_days_is_that_of_drawn_ones(int ahead, int rungs, int days) {
        Pace pace = new Pace(rungs, days, 1, Pace.Source.OWN, Pace.Seen.NOTHING);
        Random random = new Random(20_260_302);
        double sum = 0;
        double squares = 0;
        for (int i = 0; i < DRAWN; i++) {
            double drawn = Math.log(days * waited(ahead, random) / waited(rungs, random));
            sum += drawn;
            squares += drawn * drawn;
        }
        double mean = sum / DRAWN;
        double variance = squares / DRAWN - mean * mean;
        double error = 4 * Math.sqrt(variance / DRAWN);
        assertThat(pace.logMean(ahead)).isBetween(mean - error, mean + error);
        assertThat(pace.logVariance(ahead)).isBetween(0.93 * variance, 1.07 * variance);
    }

    private static double waited(int times, Random random) {
        double all = 0;
        for (int i = 0; i < times; i++) all -= Math.log(1 - random.nextDouble());
        return all;
    }

    @Test
    void what_was_seen_of_a_habit_outweighs_the_plan_as_it_grows() {
        assertThat(Habit.seen(0, 0, 5).daysAWeek()).isEqualTo(5);
        assertThat(Habit.seen(2, 7, 5).daysAWeek()).isEqualTo(3.5);
        assertThat(Habit.seen(8, 28, 5).daysAWeek()).isBetween(2.4, 2.7);
        assertThat(Habit.seen(0, 1000, 1).share()).isEqualTo(1.0 / 28);
        // What is asked about is no guess: only the days themselves are uncertain.
        assertThat(Habit.aWeek(7).logVariance(10)).isZero();
        assertThat(Habit.seen(8, 28, 5).logVariance(10))
                .isGreaterThan(Habit.aWeek(3).logVariance(10) / 2);
    }
}
