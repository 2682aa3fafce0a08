package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static pebblestep.core.practice.ReviewsTest.MONDAY;
import static pebblestep.core.practice.ReviewsTest.TWO_RUNGS;
import static pebblestep.core.practice.ReviewsTest.learnedThen;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pebblestep.core.forecast.Goal;
import pebblestep.core.forecast.Pace;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.Tempo;

/** Verdicts at their exact borders; the numbers are common practice, no source. */
class VerdictTest {
    private static final Schedule DAILY = Schedule.daily(MONDAY, MONDAY.plusDays(60));
    private static final Player OBOE = Player.of(Instruments.of("oboe"));

    private static Verdict on(Work work, int day) {
        return on(work, day, Optional.empty());
    }

    private static Verdict on(Work work, int day, Optional<Goal> goal) {
        return Verdict.of(
                Progress.of(work),
                DAILY,
                goal.orElse(null),
                Pace.Seen.NOTHING,
                OBOE,
                MONDAY.plusDays(day),
                Speech.USUAL);
    }

    /** Days of takes at 60 bpm: c clean, s slips; one word for each day. */
    private static Work days(String... days) {
        List<Entry> entries = new ArrayList<>();
        for (int day = 0; day < days.length; day++) {
            for (char how : days[day].toCharArray()) {
                LocalDate on = MONDAY.plusDays(day);
                entries.add(new Take(Bpm.of(60), how == 'c' ? Outcome.CLEAN : Outcome.SLIPS, on));
            }
        }
        return new Work(Steps.PLAIN.key(), TWO_RUNGS, entries);
    }

    @Test
    void twelve_takes_on_three_days_without_passing_are_stuck() {
        assertThat(on(days("ccsc", "sccs", "ccs"), 3).kind()).as("eleven takes").isEqualTo(JudgementKind.MISSES);
        assertThat(on(days("ccscsc", "csccsc"), 2).kind()).as("two days").isNotEqualTo(JudgementKind.STUCK);
        Verdict stuck = on(days("ccsc", "sccs", "ccsc"), 3);
        assertThat(stuck.kind()).isEqualTo(JudgementKind.STUCK);
        assertThat(stuck.sentence()).isEqualTo("Stuck: 12 takes on 3 days at 60 bpm, never 3 clean in a row.");
        assertThat(stuck.advice())
                .startsWith("slower: 51 to 54 bpm", "a shorter span")
                .hasSize(3);
        assertThat(stuck.advice().get(2)).endsWith("alone, to and fro");
        assertThat(on(days("ccsc", "sccs", "ccsccc"), 3).kind()).as("passed").isEqualTo(JudgementKind.READY);
        assertThat(on(days("ccsc", "sccs", "cccs"), 3).kind())
                .as("a new rung counts anew")
                .isEqualTo(JudgementKind.MISSES);
    }

    @Test
    void two_reviews_that_failed_are_slipping() {
        assertThat(on(learnedThen("1c 3s"), 3).sentence()).isEqualTo("Learned on 2 March, 70 bpm; review in 1 day.");
        Verdict slipping = on(learnedThen("1c 3s 4s"), 4);
        assertThat(slipping.kind()).isEqualTo(JudgementKind.SLIPPING);
        assertThat(slipping.sentence()).isEqualTo("Slipping: 2 reviews not clean, the last on 6 March; it was 70 bpm.");
        assertThat(on(learnedThen("1c"), 9).sentence())
                .isEqualTo("Learned on 2 March, 70 bpm; review due: 8 days since clean.");
    }

    @Test
    void four_days_of_practice_without_a_take_are_quiet() {
        assertThat(on(days("c"), 4).kind()).as("three days").isEqualTo(JudgementKind.HOLD);
        Verdict quiet = on(days("c"), 5);
        assertThat(quiet.kind()).isEqualTo(JudgementKind.QUIET);
        assertThat(quiet.sentence()).isEqualTo("Quiet: no take on 4 days of practice; the last take was on 2 March.");
        assertThat(on(days(), 3).kind()).isEqualTo(JudgementKind.NEW);
        assertThat(on(days(), 4).sentence())
                .isEqualTo("Quiet: no take on 4 days of practice; not begun since 2 March.");
        assertThat(on(days("c"), 70).kind()).as("no longer given").isEqualTo(JudgementKind.HOLD);
    }

    @Test
    void a_dated_target_is_behind_or_on_course() {
        Goal past = new Goal(Tempo.quarters(70), Fraction.of(1, 16), MONDAY.plusDays(1));
        Verdict behind = on(days("c", "c"), 3, Optional.of(past));
        assertThat(behind.kind()).isEqualTo(JudgementKind.BEHIND);
        assertThat(behind.sentence()).contains("has passed");
        assertThat(behind.advice()).containsExactly("2 of 3 clean in a row at 60 bpm, then 70.");
        Goal far = new Goal(Tempo.quarters(70), Fraction.of(1, 16), MONDAY.plusDays(40));
        assertThat(on(days("c", "c"), 3, Optional.of(far)).kind())
                .as("too few days to say")
                .isEqualTo(JudgementKind.HOLD);
    }
}
