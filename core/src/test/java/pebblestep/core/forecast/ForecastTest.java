package pebblestep.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Climb;
import pebblestep.core.climb.Climbs;
import pebblestep.core.climb.Policy;
import pebblestep.core.climb.Position;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Tempo;

/** Forecasts worked out by hand, at their exact borders. In eighths at a quarter beat, bpm are 30 times notes a second. */
class ForecastTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 30);
    private static final Fraction EIGHTH = Fraction.of(1, 8);
    /** One bpm a day: 72 twelve days ago, 84 today. */
    private static final String STEADY = "-12:72 -8:76 -4:80 0:84";

    private static Goal goal(long bpm, int days) {
        return new Goal(new Tempo(Fraction.of(1, 4), Bpm.of(bpm)), EIGHTH, TODAY.plusDays(days));
    }

    /** Days from today with the best clean bpm of each. */
    private static List<DayBest> bests(String text) {
        if (text.isBlank()) return List.of();
        return Arrays.stream(text.split(" "))
                .map(one -> one.split(":"))
                .map(one -> new DayBest(TODAY.plusDays(Long.parseLong(one[0])), Double.parseDouble(one[1]) / 30))
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // Twelve bpm more at one a day are twelve days.
                "12 | ON_COURSE | On course for 96 bpm on 11 April: gains 7 bpm a week, 7 needed; at this pace it is there on 11 April.",
                "11 | BEHIND | Behind by 1 day for 96 bpm on 10 April: gains 7 bpm a week, 7.6 needed; at this pace it is there on 11 April.",
                // Two bpm a day are just twice the gain; more than that is out of reach.
                "6 | BEHIND | Behind by 6 days for 96 bpm on 5 April: gains 7 bpm a week, 14 needed; at this pace it is there on 11 April.",
                "5 | OUT_OF_REACH | 96 bpm on 4 April is out of reach at this pace: gains 7 bpm a week, 16.8 needed; it would take until 11 April.",
                "0 | PASSED | 30 March is here: clean at 84 of 96 bpm.",
                "-1 | PASSED | 29 March has passed: clean at 84 of 96 bpm."
            })
    void a_goal_is_met_missed_or_out_of_reach_at_the_exact_day(int days, ForecastKind kind, String sentence) {
        Forecast forecast = Forecast.of(bests(STEADY), goal(96, days), null, TODAY);
        assertThat(forecast.kind()).isEqualTo(kind);
        assertThat(forecast.sentence()).isEqualTo(sentence);
        assertThat(forecast.gainAWeek().orElseThrow()).isCloseTo(7 / 30.0, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'' | TOO_FEW",
                "-12:72 -8:76 0:84 | TOO_FEW",
                // Four days that lie five apart are not yet a week.
                "-5:72 -4:76 -2:80 0:84 | TOO_FEW",
                "-6:72 -4:76 -2:80 0:84 | ON_COURSE",
                // What is older than four weeks does not count.
                "-28:60 -12:72 -8:76 0:84 | TOO_FEW",
                "-27:60 -12:72 -8:76 0:84 | ON_COURSE",
                "-12:96 -8:96 -4:96 0:96 | REACHED",
                // A better day three clean days ago still counts as today's tempo.
                "-12:72 -8:96 -4:80 0:84 | REACHED",
                "-12:96 -8:90 -6:88 -4:80 0:84 | OUT_OF_REACH"
            })
    void too_few_takes_say_so_and_only_four_weeks_count(String days, ForecastKind kind) {
        Forecast forecast = Forecast.of(bests(days.replace("'", "")), goal(96, 20), null, TODAY);
        assertThat(forecast.kind()).isEqualTo(kind);
        assertThat(forecast.line().isPresent()).isEqualTo(kind != ForecastKind.TOO_FEW);
    }

    @Test
    void words_for_too_few_takes_and_for_a_line_that_falls() {
        assertThat(Forecast.of(bests("0:84"), goal(96, 14), null, TODAY).sentence())
                .isEqualTo(
                        "Too few takes to say whether 96 bpm will be met on 13 April: a slope needs 4 days with clean"
                                + " takes over a week; needed are 6 bpm more each week.");
        assertThat(Forecast.of(bests("-12:90 -8:86 -6:84 -4:80 0:78"), goal(96, 14), null, TODAY)
                        .sentence())
                .isEqualTo("96 bpm on 13 April is out of reach at this pace: loses 7 bpm a week, 6 needed; it would not"
                        + " arrive at all.");
    }

    @Test
    void milestones_are_the_rungs_that_an_even_gain_reaches_week_by_week() {
        Ascent ascent = Climbs.ascent(Policy.IN_TURN, Climbs.tempo(60, 120, 4), Climbs.values("1/8", "1/16"));
        List<Milestones.Milestone> weeks = Milestones.of(ascent, Position.of(6, 0), 84 / 30.0, goal(96, 18), TODAY);
        // 12 bpm in 18 days: 4.67 a week, then 9.33, then all; the rungs are four apart.
        assertThat(weeks.stream().map(week -> week.by() + " " + ascent.bpm(week.at())))
                .containsExactly("2026-04-06 88", "2026-04-13 92", "2026-04-17 96");
        assertThat(Milestones.of(ascent, Position.of(6, 0), 84 / 30.0, goal(96, 0), TODAY))
                .isEmpty();
    }

    @Test
    void a_goal_is_in_a_note_value() {
        assertThat(goal(96, 3).notesPerSecond()).isCloseTo(3.2, within(1e-12));
        assertThat(goal(96, 3).bpmOf(1.6)).isCloseTo(48, within(1e-9));
        assertThatThrownBy(() -> new Goal(Tempo.quarters(60), Fraction.of(0), TODAY))
                .hasMessageContaining("more than 0");
        assertThat(Climb.USUAL_RESTART).isEqualTo(80);
    }
}
