package pebblestep.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Climbs;
import pebblestep.core.climb.Outlook;
import pebblestep.core.climb.Policy;
import pebblestep.core.forecast.Prospect.Climber;
import pebblestep.core.forecast.Prospect.Practice;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.Doubles;
import pebblestep.core.samples.Samples.Ints;

class ProspectTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 2);
    /** An octave in quarters, 60 to 100 by 8: six rungs, each 16 beats and 4 of count-in. */
    private static final Ascent SIX = Climbs.ascent(Policy.IN_TURN, Climbs.tempo(60, 100, 8));

    /** Two rungs a day, seen on ten days, at 8 minutes. */
    private static final Climber CLIMBER =
            new Climber(Pace.of(new Pace.Seen(10, 20, 46), Pace.Seen.NOTHING), Habit.seen(10, 14, 5), 8);

    private static final Outlook OUTLOOK = Outlook.of(SIX, SIX.climb().first(), null, Speech.USUAL);

    @Test
    void the_least_practice_of_a_climb_is_worked_out_by_hand() {
        // Three takes of 16 s and 4 s counted: 52 s, and 10.4 of rest; the other rungs shorter by their tempo.
        assertThat(OUTLOOK.rungs().get(0).least(SIX.climb().rules())).isEqualTo(Duration.ofMillis(62_400));
        double beats = 52 * (1 + 60 / 68.0 + 60 / 76.0 + 60 / 84.0 + 60 / 92.0 + 60 / 100.0) * 1.2;
        assertThat(OUTLOOK.least().toMillis() / 1000.0).isCloseTo(beats, within(0.02));
        assertThat(OUTLOOK.leastDays()).isEqualTo(2);
    }

    /** (p^-n - 1) / (1 - p): Feller, chapter XIII.7; three heads in a row of a fair coin take 14 throws. */
    @ParameterizedTest
    @CsvSource({"3, 0.5, 14", "2, 0.5, 6", "1, 0.25, 4", "3, 1, 3", "3, 0.8, 4.765625"})
    void takes_until_so_many_in_a_row_are_clean(int inRow, double share, double takes) {
        assertThat(Outlook.takesToPass(inRow, share)).isCloseTo(takes, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // Two rungs a day were seen; no more than three are allowed, so more minutes do not help.
                "8 | 5 | 1 | '' | 6 rungs, at least 5 min: done between 4 March and 10 March, most likely 6 March, with 8 min a day, at 1.8 rungs a practice day, seen on 10 days, 5 days a week.",
                "8 | 5 | 1 | 6 | 6 rungs, at least 5 min: done between 4 March and 10 March, most likely 6 March, with 8 min a day, at 1.8 rungs a practice day, seen on 10 days, 5 days a week; on the day.",
                "8 | 7 | 1 | 7 | 6 rungs, at least 5 min: done between 4 March and 7 March, most likely 5 March, with 8 min a day, at 1.8 rungs a practice day, seen on 10 days, 7 days a week; 2 days before 7 March.",
                "8 | 7 | 1 | 2 | 6 rungs, at least 5 min: done between 4 March and 7 March, most likely 5 March, with 8 min a day, at 1.8 rungs a practice day, seen on 10 days, 7 days a week; 3 days after 2 March; more minutes do not help: at 3 rungs a day it takes 2 days at least.",
                "1 | 7 | 1 | 6 | 6 rungs, at least 5 min: done between 7 March and 14 March, most likely 10 March, with 1 min a day, at 0.7 rungs a practice day, seen on 10 days, 7 days a week; 4 days after 6 March; 3 min a day would likely do."
            })
    void a_prospect_says_when_it_is_done_and_what_would_do(
            int minutes, int week, double share, String by, String sentence) {
        String day = by.replace("'", "");
        LocalDate wanted = day.isEmpty() ? null : TODAY.withDayOfMonth(Integer.parseInt(day));
        Prospect prospect = Prospect.of(OUTLOOK, new Practice(minutes, week, share), CLIMBER, TODAY, wanted);
        assertThat(prospect.sentence()).isEqualTo(sentence);
    }

    @Samples(200)
    void more_minutes_never_take_more_days_and_enough_is_the_fewest_that_do(
            @Ints(min = 1, max = 60) int minutes,
            @Ints(min = 1, max = 7) int week,
            @Doubles(min = 0.3, max = 1) double share,
            @Ints(min = 0, max = 40) int days) {
        LocalDate by = TODAY.plusDays(days);
        Prospect prospect = Prospect.of(OUTLOOK, new Practice(minutes, week, share), CLIMBER, TODAY, by);
        Prospect longer = Prospect.of(OUTLOOK, new Practice(minutes + 1, week, share), CLIMBER, TODAY, by);
        assertThat(longer.days()).isLessThanOrEqualTo(prospect.days());
        assertThat(longer.estimate().late())
                .isBeforeOrEqualTo(prospect.estimate().late());
        assertThat(prospect.days()).isGreaterThanOrEqualTo(OUTLOOK.leastDays());
        prospect.enough().ifPresent(enough -> {
            assertThat(late(enough, week, share, by)).isLessThanOrEqualTo(0);
            if (enough > 1) assertThat(late(enough - 1, week, share, by)).isPositive();
        });
    }

    private static long late(int minutes, int week, double share, LocalDate by) {
        return Prospect.of(OUTLOOK, new Practice(minutes, week, share), CLIMBER, TODAY, by)
                .daysLate()
                .orElseThrow();
    }

    @Test
    void numbers_out_of_range_are_refused() {
        assertThatThrownBy(() -> new Practice(0, 5, 1)).hasMessageContaining("1 to 180 minutes");
        assertThatThrownBy(() -> new Practice(8, 8, 1)).hasMessageContaining("1 to 7 days");
        assertThatThrownBy(() -> new Practice(8, 5, 0)).hasMessageContaining("above 0");
        assertThatThrownBy(() -> OUTLOOK.likelyDays(Duration.ZERO, 1)).hasMessageContaining("at least a minute");
    }
}
