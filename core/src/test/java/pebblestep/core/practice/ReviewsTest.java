package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Climb;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.tempo.LadderScheme;

/** Reviews after Leitner (1972): gaps of 1, 2, 4, 8 and 16 days; a failed review starts again at one day. */
class ReviewsTest {
    static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
    /** Two rungs, 60 and 70: three clean on each, and it is learned. */
    static final Ascent TWO_RUNGS = Ascent.of(Steps.PLAIN, Climb.tempo(Bpm.of(60), Bpm.of(70), LadderScheme.fixed(10)));

    /**
     * Learned on Monday, then takes in short: {@code 3c} is a clean one on the third day after, {@code 3s} one with slips,
     * {@code 3u} a clean one below the last rung.
     */
    static Work learnedThen(String takes) {
        List<Entry> entries = new ArrayList<>();
        for (int i = 0; i < 3; i++) entries.add(new Take(Bpm.of(60), Outcome.CLEAN, MONDAY));
        for (int i = 0; i < 3; i++) entries.add(new Take(Bpm.of(70), Outcome.CLEAN, MONDAY));
        for (String word : takes.isBlank() ? new String[0] : takes.split(" ")) {
            char how = word.charAt(word.length() - 1);
            LocalDate day = MONDAY.plusDays(Integer.parseInt(word.substring(0, word.length() - 1)));
            Bpm bpm = Bpm.of(how == 'u' ? 60 : 70);
            entries.add(new Take(bpm, how == 's' ? Outcome.SLIPS : Outcome.CLEAN, day));
        }
        return new Work(Steps.PLAIN.key(), TWO_RUNGS, entries);
    }

    /** The table worked out by hand: days after learning, the day the next review is due, box and failures. */
    @ParameterizedTest
    @CsvSource({
        "'', 1, 0, 0",
        "1c, 3, 1, 0",
        "1c 3c, 7, 2, 0",
        "1c 3c 7c, 15, 3, 0",
        "1c 3c 7c 15c, 31, 4, 0",
        "1c 3c 7c 15c 31c, 47, 4, 0",
        "1c 3s, 4, 0, 1",
        "1c 3s 4s, 5, 0, 2",
        "1c 3s 4c, 6, 1, 0",
        "5c, 7, 1, 0",
        "1c 2c, 3, 1, 0",
        "1c 2s, 3, 1, 0",
        "1u, 1, 0, 0",
        "1s 1c, 2, 0, 1",
    })
    void the_gaps_grow_and_a_failed_review_starts_again(String takes, int due, int box, int failed) {
        Reviews reviews = Reviews.of(learnedThen(takes)).orElseThrow();
        assertThat(reviews.due()).isEqualTo(MONDAY.plusDays(due));
        assertThat(reviews.box()).isEqualTo(box);
        assertThat(reviews.failed()).isEqualTo(failed);
        assertThat(reviews.isDue(MONDAY.plusDays(due))).isTrue();
        assertThat(reviews.isDue(MONDAY.plusDays(due - 1L))).isFalse();
    }

    @Test
    void what_is_not_learned_has_no_reviews_and_a_changed_climb_has_to_be_learned_anew() {
        Work work = learnedThen("1c");
        assertThat(Reviews.of(new Work(work.key(), TWO_RUNGS, work.entries().subList(0, 5))))
                .isEmpty();
        List<Entry> changed = new ArrayList<>(work.entries());
        changed.add(new Decision(new pebblestep.core.climb.ClimbEvent.Changed(
                Ascent.of(Steps.PLAIN, Climb.tempo(Bpm.of(60), Bpm.of(90), LadderScheme.fixed(10))),
                MONDAY.plusDays(2))));
        assertThat(Reviews.of(new Work(work.key(), TWO_RUNGS, changed))).isEmpty();
    }

    @Test
    void a_schedule_has_days_of_the_week_and_may_go_on_until_it_is_learned() {
        Schedule twice = new Schedule(MONDAY, Optional.empty(), Set.of(DayOfWeek.MONDAY, DayOfWeek.THURSDAY));
        assertThat(twice.isOn(MONDAY)).isTrue();
        assertThat(twice.isOn(MONDAY.plusDays(1))).isFalse();
        assertThat(twice.isOn(MONDAY.plusDays(703)))
                .as("a Thursday years later")
                .isTrue();
        assertThat(twice.daysBetween(MONDAY, MONDAY.plusDays(14))).isEqualTo(3);
        assertThat(twice.daysBetween(MONDAY.minusDays(9), MONDAY.plusDays(1))).isEqualTo(1);
        Schedule week = Schedule.daily(MONDAY, MONDAY.plusDays(6));
        assertThat(week.isOn(MONDAY.plusDays(7))).isFalse();
        assertThatThrownBy(() -> Schedule.daily(MONDAY, MONDAY.minusDays(1))).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Schedule(MONDAY, Optional.empty(), Set.of()))
                .isInstanceOf(Refusal.class);
    }
}
