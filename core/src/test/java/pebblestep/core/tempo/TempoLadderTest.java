package pebblestep.core.tempo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Identified;
import pebblestep.core.Refusal;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.Ints;

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

    @Samples
    void every_rung_differs_and_none_steps_further_than_asked(
            @Ints(min = 20, max = 400) int from, @Ints(min = 20, max = 400) int to, @Ints(min = 2, max = 50) int by) {
        TempoLadder ladder = TempoLadder.fixed(Bpm.of(from), Bpm.of(to), BigDecimal.valueOf(by));
        assertThat(ladder.rung(0)).isEqualTo(Bpm.of(from));
        assertThat(ladder.target()).isEqualTo(Bpm.of(to));
        for (int i = 1; i < ladder.size(); i++) {
            double step =
                    Math.abs(ladder.rung(i).toDouble() - ladder.rung(i - 1).toDouble());
            assertThat(step).isPositive().isLessThanOrEqualTo(by);
            assertThat(ladder.rung(i).compareTo(ladder.rung(i - 1)))
                    .as("strictly one way")
                    .isEqualTo(Integer.compare(to, from));
        }
    }

    private static TempoLadder ladder(String type, long from, long to, String by) {
        Bpm first = Bpm.of(from);
        Bpm last = Bpm.of(to);
        return switch (type) {
            case "percent" -> TempoLadder.percent(first, last, new BigDecimal(by));
            case "dial" -> TempoLadder.dial(first, last);
            case "alternate" -> TempoLadder.alternate(first, last, new BigDecimal(by));
            default -> TempoLadder.backStep(first, last, new BigDecimal(by), Integer.parseInt(type));
        };
    }

    /** Worked out by hand; the dial's marks as handbooks list them (from memory). */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "percent | 60 | 80 | 10 | [60, 66, 73, 80]",
                "percent | 60 | 64 | 1 | [60, 61, 62, 63, 64]",
                "percent | 100 | 80 | 10 | [100, 90, 81, 80]",
                "percent | 60 | 60 | 10 | [60]",
                "dial | 56 | 80 | 0 | [56, 58, 60, 63, 66, 69, 72, 76, 80]",
                "dial | 61 | 70 | 0 | [61, 63, 66, 69, 70]",
                "dial | 126 | 112 | 0 | [126, 120, 116, 112]",
                "dial | 136 | 220 | 0 | [136, 138, 144, 152, 160, 168, 176, 184, 192, 200, 208, 220]",
                "dial | 20 | 42 | 0 | [20, 40, 42]",
                "2 | 60 | 72 | 4 | [60, 64, 68, 64, 68, 72]",
                "3 | 60 | 80 | 5 | [60, 65, 70, 75, 70, 75, 80]",
                "2 | 80 | 70 | 5 | [80, 75, 70]",
                "2 | 60 | 62 | 5 | [60, 62]",
                "alternate | 60 | 84 | 8 | [60, 68, 60, 76, 60, 84]",
                "alternate | 60 | 60 | 8 | [60]"
            })
    void every_scheme_climbs_its_own_way(String type, long from, long to, String by, String rungs) {
        assertThat(ladder(type, from, to, by).rungs()).hasToString(rungs);
    }

    @Samples
    void every_ladder_starts_and_ends_exactly_and_never_stands_still(
            @Ints(min = 20, max = 400) int from,
            @Ints(min = 20, max = 400) int to,
            @Ints(min = 10, max = 50) int by,
            @Ints(min = 0, max = 3) int kind) {
        String type = new String[] {"percent", "dial", "alternate", "2"}[kind];
        TempoLadder ladder = ladder(type, from, to, Integer.toString(by));
        assertThat(ladder.rung(0)).isEqualTo(Bpm.of(from));
        assertThat(ladder.target()).isEqualTo(Bpm.of(to));
        for (int i = 1; i < ladder.size(); i++) {
            assertThat(ladder.rung(i)).isNotEqualTo(ladder.rung(i - 1));
            boolean forward =
                    ladder.rung(i).value().compareTo(ladder.rung(i - 1).value()) == Integer.compare(to, from);
            if (kind < 2) assertThat(forward).as("strictly one way").isTrue();
        }
    }

    @Test
    void schemes_that_never_arrive_are_refused() {
        assertThatThrownBy(() -> ladder("percent", 60, 80, "0")).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> ladder("percent", 60, 80, "100")).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> ladder("1", 60, 80, "4")).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> ladder("2", 20, 400, "1")).hasMessageContaining("more than 200 rungs");
    }

    @Test
    void a_ladder_that_never_arrives_is_refused() {
        assertThatThrownBy(() -> TempoLadder.fixed(Bpm.of(60), Bpm.of(100), BigDecimal.ZERO))
                .isInstanceOfSatisfying(
                        Refusal.class, r -> assertThat(r.field()).isEqualTo("scheme.by"));
        assertThatThrownBy(() -> TempoLadder.fixed(Bpm.of(20), Bpm.of(400), new BigDecimal("0.5")))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r).hasMessageContaining("more than 200 rungs"));
    }

    /** Every mark of the traditional dial, as handbooks of the metronome list them (from memory, no source at hand). */
    @Test
    void the_dial_has_its_thirty_nine_marks() {
        assertThat(TempoLadder.dial(Bpm.of(40), Bpm.of(208)).rungs())
                .hasToString("[40, 42, 44, 46, 48, 50, 52, 54, 56, 58, 60, 63, 66, 69, 72, 76, 80, 84, 88, 92, 96, 100,"
                        + " 104, 108, 112, 116, 120, 126, 132, 138, 144, 152, 160, 168, 176, 184, 192, 200, 208]");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // A step that is larger than the way; halves of a beat; a fraction as the target.
                "fixed | 60 | 61 | 4 | [60, 61]", "fixed | 97.5 | 99 | 0.5 | [97.5, 98, 98.5, 99]",
                "percent | 60 | 60.4 | 5 | [60, 60.4]", "dial | 60.5 | 62.5 | | [60.5, 62.5]",
                "fixed | 66.6 | 60 | 3 | [66.6, 63.6, 60.6, 60]", "alternate | 80 | 70 | 5 | [80, 75, 80, 70]"
            })
    void small_steps_fractions_and_ladders_that_go_down(
            String type, BigDecimal from, BigDecimal to, BigDecimal by, String rungs) {
        SchemeKind kind = Identified.of(SchemeKind.class, type);
        LadderScheme scheme = by == null ? LadderScheme.dial() : LadderScheme.by(kind, by);
        assertThat(scheme.ladder(Bpm.of(from), Bpm.of(to)).rungs()).hasToString(rungs);
        assertThat(scheme.kind()).isEqualTo(kind);
    }

    @Test
    void rungs_are_said_in_notes_a_second() {
        TempoLadder ladder = TempoLadder.fixed(Bpm.of(60), Bpm.of(120), BigDecimal.valueOf(30));
        Fraction quarter = Fraction.of(1, 4);
        assertThat(rounded(ladder.notesPerSecond(quarter, quarter))).containsExactly(1.0, 1.5, 2.0);
        assertThat(rounded(ladder.notesPerSecond(quarter, Fraction.of(1, 12)))).containsExactly(3.0, 4.5, 6.0);
        assertThat(rounded(ladder.notesPerSecond(Fraction.of(3, 8), Fraction.of(1, 8))))
                .containsExactly(3.0, 4.5, 6.0);
    }

    private static List<Double> rounded(List<Double> rates) {
        return rates.stream().map(rate -> Math.round(1e9 * rate) / 1e9).toList();
    }

    @ParameterizedTest
    @CsvSource({
        "60, 100, 79.9, 76",
        "60, 100, 76, 76",
        "60, 100, 20, 60",
        "60, 100, 400, 100",
        "100, 60, 79.9, 84",
        "100, 60, 400, 100",
        "100, 60, 20, 60"
    })
    void the_nearest_rung_that_is_not_harder(long from, long to, double bpm, String rung) {
        TempoLadder ladder = TempoLadder.fixed(Bpm.of(from), Bpm.of(to), BigDecimal.valueOf(8));
        assertThat(ladder.rung(ladder.notHarderThan(bpm))).hasToString(rung);
    }
}
