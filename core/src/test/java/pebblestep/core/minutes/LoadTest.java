package pebblestep.core.minutes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.metronome.ClickPlan;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.passage.Timing;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.samples.Samples.Ints;

/** Times worked out by hand: bars times beats times 60/bpm. */
class LoadTest {
    Draw<Step> steps() {
        return Steps.any();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // 29 sixteenths are 7 beats and a last note: two bars, 8 beats.
                "2 | 4/4 | 1/16 | 0 | 60 | 8000 | 4000",
                // Begun on 2 the last note falls on beat 1 of bar 3: three bars, 12 beats.
                "2 | 4/4 | 1/16 | 1/4 | 60 | 12000 | 4000",
                // 15 quarters: four bars of 4; at 120 half a second each.
                "1 | 4/4 | 1/4 | 0 | 120 | 8000 | 2000",
                // 15 eighths of 6/8 are two bars and a half, so three: 6 beats of a dotted quarter; counted in quarters
                // 9.
                "1 | 6/8 | 1/8 | 0 | 90 | 6000 | 2000",
                // A pickup of an eighth takes a bar of its own: 14 eighths end on the & of 4 of bar 1, the 15th in bar
                // 2.
                "1 | 4/4 | 1/8 | -1/8 | 60 | 12000 | 4000",
                // 8 beats at 56: 8571.43 ms, never less than it takes.
                "2 | 4/4 | 1/16 | 0 | 56 | 8572 | 4286"
            })
    void a_repetition_takes_whole_bars(
            int octaves, String meter, String value, String place, long bpm, long millis, long countIn) {
        Step step = Steps.step("C", "major", Extent.octaves(octaves), Travel.UP_DOWN, Turn.SINGLE, meter, value, place);
        Repetition repetition = Repetition.of(Passage.of(step));
        Tempo tempo = new Tempo(Fraction.of(1, 4), Bpm.of(bpm));
        assertThat(repetition.at(tempo)).isEqualTo(Duration.ofMillis(millis));
        assertThat(repetition.countInAt(tempo)).isEqualTo(Duration.ofMillis(countIn));
    }

    @Test
    void a_rung_takes_its_count_in_its_repetitions_and_a_fifth_of_that_as_rest() {
        Load load = new Load(Duration.ofSeconds(4), Duration.ofSeconds(8), 5);
        assertThat(load.playing()).isEqualTo(Duration.ofSeconds(44));
        assertThat(load.rest()).isEqualTo(Duration.ofMillis(8800));
        assertThat(load.total()).isEqualTo(Duration.ofMillis(52_800));
        // Five minutes of rest belong to 25 of playing, half an hour together.
        assertThat(Load.restFor(Duration.ofMinutes(25))).isEqualTo(Duration.ofMinutes(5));
        assertThatThrownBy(() -> load.times(0)).hasMessageContaining("1 to 100 times");
        assertThatThrownBy(() -> load.times(101)).hasMessageContaining("1 to 100 times");
    }

    @ParameterizedTest
    @CsvSource({
        "44000, 44 s",
        "44001, 45 s",
        "60000, 1 min",
        "200000, 3 min 20 s",
        "3599001, 1 h",
        "7500000, 2 h 5 min",
        "0, 0 s"
    })
    void time_is_said_rounded_up(long millis, String said) {
        assertThat(InMinutes.of(Duration.ofMillis(millis))).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({"0, under a minute", "29, under a minute", "30, 1 min", "89, 1 min", "90, 2 min", "7500, 2 h 5 min"})
    void a_time_that_has_passed_is_said_to_the_nearest_minute(long seconds, String said) {
        assertThat(InMinutes.about(Duration.ofSeconds(seconds))).isEqualTo(said);
    }

    @Samples(300)
    void a_repetition_is_whole_bars_and_no_shorter_than_its_notes(
            @From("steps") Step step, @Ints(min = 20, max = 400) int bpm) {
        Passage passage = Passage.of(step);
        Repetition repetition = Repetition.of(passage);
        Fraction bars = repetition.played().dividedBy(step.meter().bar());
        assertThat(bars.denominator()).isEqualTo(1);
        Fraction end = Timing.of(step).attacks().stream()
                .map(attack -> attack.at().plus(attack.value()))
                .reduce((a, b) -> a.isLessThan(b) ? b : a)
                .orElseThrow();
        Fraction first = Timing.of(step).attacks().get(0).at();
        assertThat(repetition.played().isLessThan(end.minus(first))).isFalse();
        Tempo tempo = new Tempo(Fraction.of(1, 4), Bpm.of(bpm));
        double exact = repetition.played().toDouble() * 4 * 60_000 / bpm;
        assertThat((double) repetition.at(tempo).toMillis()).isBetween(exact - 1e-6, exact + 1);
        // The metronome plays just what is counted: it stops on the bar line that ends the last bar, and not before.
        Fraction stops = ClickPlan.of(passage).end();
        assertThat(stops.dividedBy(step.meter().bar()).denominator()).isEqualTo(1);
        assertThat(stops)
                .isGreaterThanOrEqualTo(end)
                .isLessThan(end.plus(step.meter().bar()));
    }
}
