package pebblestep.core.rhythm;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.Refusal;

class FigureTest {

    @ParameterizedTest
    @ValueSource(strings = {"1", "1/2", "1/4", "1/8", "1/12", "1/16", "2/16"})
    void even_values_from_the_whole_to_the_sixteenth_and_triplets_are_carried(String value) {
        Figure figure = Figure.ofCycle(List.of(value, value));
        assertThat(figure.value()).isEqualTo(Fraction.parse(value));
    }

    @ParameterizedTest
    @ValueSource(strings = {"1/32", "1/6", "3/16", "1/20", "2", "0", "-1/4", "r1/4", "x"})
    void other_values_are_refused_by_the_field(String value) {
        assertThatThrownBy(() -> Figure.ofCycle(List.of(value)))
                .isInstanceOfSatisfying(
                        Refusal.class, r -> assertThat(r.field()).isEqualTo("rhythm.figure"));
    }

    @Test
    void an_empty_cycle_is_refused() {
        assertThatThrownBy(() -> Figure.ofCycle(List.of())).isInstanceOf(Refusal.class);
    }

    @ParameterizedTest
    @CsvSource({
        "1,whole notes",
        "1/2,half notes",
        "1/4,quarters",
        "1/8,eighths",
        "1/12,triplet eighths",
        "1/16,sixteenths"
    })
    void every_value_has_a_name(String value, String plural) {
        assertThat(ValueName.plural(Fraction.parse(value))).isEqualTo(plural);
        assertThat(Figure.values()).contains(Fraction.parse(value));
    }

    @Test
    void a_value_without_a_name_is_said_as_a_part() {
        assertThat(ValueName.plural(Fraction.parse("3/20"))).isEqualTo("notes of 3/20 of a whole note");
    }

    /** Octaves that grow with the division take 14 beats each way and back to the last tonic: common practice, no source. */
    @ParameterizedTest
    @CsvSource({"1,1/4", "2,1/8", "3,1/12", "4,1/16"})
    void octaves_and_division_that_grow_together_take_fourteen_beats(int octaves, String value) {
        Fraction toTheLastTonic = Fraction.parse(value).times(2L * 7 * octaves);
        assertThat(toTheLastTonic.dividedBy(Fraction.of(1, 4))).isEqualTo(Fraction.of(14));
    }
}
