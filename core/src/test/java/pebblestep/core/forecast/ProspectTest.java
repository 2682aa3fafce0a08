package pebblestep.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.LocalDate;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Climbs;
import pebblestep.core.climb.Outlook;
import pebblestep.core.climb.Policy;
import pebblestep.core.forecast.Prospect.Practice;

class ProspectTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 2);
    /** An octave in quarters, 60 to 100 by 8: six rungs, each 16 beats and 4 of count-in. */
    private static final Ascent SIX = Climbs.ascent(Policy.IN_TURN, Climbs.tempo(60, 100, 8));

    private static final Outlook OUTLOOK = Outlook.of(SIX, SIX.climb().first(), Optional.empty());

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
                // At 8 minutes the rules hold it at three rungs a day: two days, the second two days on at five a week.
                "8 | 5 | 1 | '' | 6 rungs, at least 5 min: about 2 days of practice at 8 min, 5 a week; done about 4 March.",
                "8 | 5 | 1 | 4 | 6 rungs, at least 5 min: about 2 days of practice at 8 min, 5 a week; done about 4 March, on the day.",
                "8 | 7 | 1 | 4 | 6 rungs, at least 5 min: about 2 days of practice at 8 min, 7 a week; done about 3 March, 1 day before 4 March.",
                "8 | 7 | 1 | 2 | 6 rungs, at least 5 min: about 2 days of practice at 8 min, 7 a week; done about 3 March, 1 day after 2 March; more minutes do not help: at 3 rungs a day it takes 2 days at least.",
                "1 | 7 | 1 | 3 | 6 rungs, at least 5 min: about 5 days of practice at 1 min, 7 a week; done about 6 March, 3 days after 3 March; 3 min a day would do."
            })
    void a_prospect_says_when_it_is_done_and_what_would_do(
            int minutes, int week, double share, String by, String sentence) {
        String day = by.replace("'", "");
        Optional<LocalDate> wanted =
                day.isEmpty() ? Optional.empty() : Optional.of(TODAY.withDayOfMonth(Integer.parseInt(day)));
        Prospect prospect = Prospect.of(OUTLOOK, new Practice(minutes, week, share), TODAY, wanted);
        assertThat(prospect.sentence()).isEqualTo(sentence);
    }

    @Property(tries = 200)
    void more_minutes_never_take_more_days_and_enough_is_the_fewest_that_do(
            @ForAll @IntRange(min = 1, max = 60) int minutes,
            @ForAll @IntRange(min = 1, max = 7) int week,
            @ForAll @DoubleRange(min = 0.3, max = 1) double share,
            @ForAll @IntRange(min = 0, max = 40) int days) {
        Optional<LocalDate> by = Optional.of(TODAY.plusDays(days));
        Prospect prospect = Prospect.of(OUTLOOK, new Practice(minutes, week, share), TODAY, by);
        Prospect longer = Prospect.of(OUTLOOK, new Practice(minutes + 1, week, share), TODAY, by);
        assertThat(longer.days()).isLessThanOrEqualTo(prospect.days());
        assertThat(prospect.days()).isGreaterThanOrEqualTo(OUTLOOK.leastDays());
        prospect.enough().ifPresent(enough -> {
            assertThat(late(enough, week, share, by)).isLessThanOrEqualTo(0);
            if (enough > 1) assertThat(late(enough - 1, week, share, by)).isPositive();
        });
    }

    private static long late(int minutes, int week, double share, Optional<LocalDate> by) {
        return Prospect.of(OUTLOOK, new Practice(minutes, week, share), TODAY, by)
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
