package pebblestep.core.rhythm;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.Refusal;

class FigureTest {

    @ParameterizedTest
    @ValueSource(strings = {"1", "1/2", "1/4", "1/8", "1/12", "1/16", "1/20", "1/24", "1/32", "3/8"})
    void an_even_cycle_is_one_value(String value) {
        Figure figure = Figure.ofCycle(List.of(value, value));
        assertThat(figure.even()).contains(Fraction.parse(value));
        assertThat(figure.click()).isEqualTo(Fraction.parse(value));
        assertThat(figure.quickest()).isEqualTo(Fraction.parse(value));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "3/16 1/16 | 1/16 | 1/16 | 1/4",
                "1/2 r1/2 | 1/2 | 1 | 1",
                "1/8 1/8 1/8 1/8 r1/2 | 1/8 | 1/8 | 1",
                "1/4 1/12 1/12 1/12 | 1/12 | 1/12 | 1/2",
                "1/4 r1/8 r1/8 1/2 | 1/4 | 1/2 | 1"
            })
    void a_cycle_has_its_click_its_quickest_and_its_length(String cycle, String click, String quickest, String length) {
        Figure figure = Figure.ofCycle(List.of(cycle.split(" ")));
        assertThat(figure.click()).hasToString(click);
        assertThat(figure.quickest()).hasToString(quickest);
        assertThat(figure.length()).hasToString(length);
        assertThat(Figure.ofCycle(figure.cycle())).isEqualTo(figure).hasSameHashCodeAs(figure);
        assertThat(figure.even()).isEmpty();
    }

    @Test
    void named_figures_have_ids_of_their_own_and_fill_whole_eighths() {
        assertThat(Figures.all()).extracting(Figures.Named::id).doesNotHaveDuplicates();
        assertThat(Figures.all())
                .allSatisfy(named -> assertThat(named.figure().length().times(8).denominator())
                        .isEqualTo(1));
    }

    /** 2:1 and 3:1 by hand: the second of two eighths comes at two thirds, or three quarters, of the pair. */
    @ParameterizedTest
    @CsvSource({"2:1,1/8,1/6", "3:1,1/8,3/16", "1:1,1/8,1/8", "2:1,1/4,1/4", "2:1,3/16,5/24", "2:1,-1/8,-1/12"})
    void swing_moves_the_middle_of_a_pair(String swing, String at, String sounding) {
        assertThat(Swing.parse(swing).sounding(Fraction.parse(at), Fraction.of(1, 8)))
                .hasToString(sounding);
    }

    @ParameterizedTest
    @ValueSource(strings = {"1:2", "4:1", "2", "a:b", "0:0", "2:1:1"})
    void swing_outside_its_bounds_is_refused(String swing) {
        assertThatThrownBy(() -> Swing.parse(swing)).isInstanceOf(Refusal.class);
    }

    @Test
    void a_word_has_as_many_syllables_as_its_figure_has_notes() {
        Figure four = Figure.ofCycle(List.of("1/16", "1/16", "1/16", "1/16"));
        assertThat(new WordRhythm("wa-ter-lil-y", four).syllables()).containsExactly("wa", "ter", "lil", "y");
        assertThatThrownBy(() -> new WordRhythm("peb-ble", four))
                .hasMessage("\"peb-ble\" has 2 syllables; the figure has 4 notes.");
        assertThatThrownBy(() -> new WordRhythm(" ", four)).isInstanceOf(Refusal.class);
        assertThat(WordRhythm.usual()).isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"1/128", "5", "0", "-1/4", "r1/4", "x"})
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
        "1/16,sixteenths",
        "1/20,quintuplet sixteenths",
        "1/24,triplet sixteenths",
        "1/32,thirty-seconds"
    })
    void every_value_has_a_name(String value, String plural) {
        assertThat(ValueName.plural(Fraction.parse(value), ValueNames.AMERICAN)).isEqualTo(plural);
        assertThat(Figure.values()).contains(Fraction.parse(value));
    }

    @Test
    void a_value_without_a_name_is_said_as_a_part() {
        assertThat(ValueName.plural(Fraction.of(1, 16), ValueNames.BRITISH)).isEqualTo("semiquavers");
        assertThat(ValueName.sign(Fraction.of(3, 8), ValueNames.BRITISH)).isEqualTo("♩.");
        assertThat(ValueName.sign(Fraction.of(1, 2), ValueNames.BRITISH)).isEqualTo("minim");
        assertThat(ValueName.length(Fraction.of(1, 4), Fraction.of(1, 16), ValueNames.BRITISH))
                .isEqualTo("one crotchet");
        assertThat(ValueName.plural(Fraction.parse("3/20"), ValueNames.AMERICAN))
                .isEqualTo("notes of 3/20 of a whole note");
    }

    @Test
    void values_without_a_common_click_are_refused() {
        List<String> primes = IntStream.of(3, 5, 7, 11, 13, 17, 19, 23, 29, 31, 37, 41, 43, 47, 53, 59, 61)
                .mapToObj(prime -> "1/" + prime)
                .toList();
        assertThatThrownBy(() -> Figure.ofCycle(primes))
                .isInstanceOf(Refusal.class)
                .hasMessage("These values have no common click that could be counted.");
        assertThat(Figure.ofCycle(List.of("1/12", "1/20", "1/28", "1/64")).click())
                .as("triplets, quintuplets and septuplets still have one")
                .isEqualTo(Fraction.of(1, 6720));
    }

    @ParameterizedTest
    @ValueSource(strings = {"9223372036854775807", "-9223372036854775808", "1/9223372036854775807", "1/1000000"})
    void a_fraction_that_nobody_types_is_refused(String text) {
        assertThatThrownBy(() -> Fraction.parse(text))
                .isInstanceOf(Refusal.class)
                .hasMessage("A fraction is written with numbers up to 999999.");
    }

    /** Octaves that grow with the division take 14 beats each way and back to the last tonic: common practice, no source. */
    @ParameterizedTest
    @CsvSource({"1,1/4", "2,1/8", "3,1/12", "4,1/16"})
    void octaves_and_division_that_grow_together_take_fourteen_beats(int octaves, String value) {
        Fraction toTheLastTonic = Fraction.parse(value).times(2L * 7 * octaves);
        assertThat(toTheLastTonic.dividedBy(Fraction.of(1, 4))).isEqualTo(Fraction.of(14));
    }
}
