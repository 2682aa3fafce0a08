package pebblestep.core.tempo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.rhythm.Bpm;

class TempoLadderTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "60 | 100 | 8 | [60, 68, 76, 84, 92, 100]", "60 | 100 | 15 | [60, 75, 90, 100]", "60 | 60 | 5 | [60]",
                "100 | 80 | 8 | [100, 92, 84, 80]", "60 | 62 | 5 | [60, 62]", "60 | 61 | 0.5 | [60, 60.5, 61]"
            })
    void a_fixed_ladder_ends_exactly_at_its_target(long from, long to, BigDecimal by, String rungs) {
        assertThat(TempoLadder.fixed(Bpm.of(from), Bpm.of(to), by).rungs()).hasToString(rungs);
    }

    @Property
    void every_rung_differs_and_none_steps_further_than_asked(
            @ForAll @IntRange(min = 20, max = 400) int from,
            @ForAll @IntRange(min = 20, max = 400) int to,
            @ForAll @IntRange(min = 2, max = 50) int by) {
        TempoLadder ladder = TempoLadder.fixed(Bpm.of(from), Bpm.of(to), BigDecimal.valueOf(by));
        assertThat(ladder.rung(0)).isEqualTo(Bpm.of(from));
        assertThat(ladder.target()).isEqualTo(Bpm.of(to));
        for (int i = 1; i < ladder.size(); i++) {
            double step =
                    Math.abs(ladder.rung(i).toDouble() - ladder.rung(i - 1).toDouble());
            assertThat(step).isPositive().isLessThanOrEqualTo(by);
        }
    }

    @Test
    void a_ladder_that_never_arrives_is_refused() {
        assertThatThrownBy(() -> TempoLadder.fixed(Bpm.of(60), Bpm.of(100), BigDecimal.ZERO))
                .isInstanceOfSatisfying(
                        Refusal.class, r -> assertThat(r.field()).isEqualTo("scheme.by"));
        assertThatThrownBy(() -> TempoLadder.fixed(Bpm.of(20), Bpm.of(400), new BigDecimal("0.5")))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r).hasMessageContaining("more than 200 rungs"));
    }
}
