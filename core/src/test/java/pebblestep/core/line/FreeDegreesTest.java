package pebblestep.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.samples.Samples;

class FreeDegreesTest {

    @Test
    void degrees_signs_marks_and_bars_are_read() {
        FreeDegrees degrees = FreeDegrees.parse(" 1 b3|##4' 5,, | 12 ");
        assertThat(degrees.typed())
                .containsExactly(
                        new FreeDegrees.Typed(1, 0, 0),
                        new FreeDegrees.Typed(3, -1, 0),
                        new FreeDegrees.Typed(4, 2, 1),
                        new FreeDegrees.Typed(5, 0, -2),
                        new FreeDegrees.Typed(12, 0, 0));
        assertThat(FreeDegrees.parse(degrees.toString())).isEqualTo(degrees).hasSameHashCodeAs(degrees);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '~',
            value = {
                "1 2 x 4 ~ 5 ~ A degree is expected here, such as 5 or b3; found \"x\".",
                "1 2 b ~ 6 ~ A degree is expected here, such as 5 or b3; found the end.",
                "1-2 ~ 2 ~ \"-\" cannot stand here; put a space between degrees.",
                "1 0 ~ 3 ~ Degrees run from 1 to 50, not 0.",
                "1 51 ~ 3 ~ Degrees run from 1 to 50, not 51.",
                "bbb3 ~ 1 ~ A degree is altered by b, bb, # or ##.",
                "b#3 ~ 1 ~ A degree is altered by b, bb, # or ##.",
                "1'''' ~ 2 ~ A degree is moved by at most 3 octaves.",
                "||| ~ 4 ~ Type at least one degree."
            })
    void what_is_not_a_degree_is_refused_where_it_stands(String text, int position, String sentence) {
        assertThatThrownBy(() -> FreeDegrees.parse(text)).isInstanceOfSatisfying(Refusal.class, refusal -> {
            assertThat(refusal.field()).isEqualTo("line.degrees");
            assertThat(refusal.position()).hasValue(position);
            assertThat(refusal).hasMessage("At character " + position + ": " + sentence);
        });
    }

    @Test
    void five_hundred_and_one_degrees_are_refused() {
        assertThatThrownBy(() -> FreeDegrees.parse("1 ".repeat(501))).hasMessageContaining("at most 500");
        assertThat(FreeDegrees.parse("1 ".repeat(500)).typed()).hasSize(500);
    }

    @Samples
    void any_text_is_read_or_refused_within_it(String text) {
        try {
            assertThat(FreeDegrees.parse(text).typed()).isNotEmpty();
        } catch (Refusal refusal) {
            assertThat(refusal.position().orElseThrow()).isBetween(1, text.length() + 1);
        }
    }
}
