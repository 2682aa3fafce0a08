package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CautionsTest {

    @ParameterizedTest
    @ValueSource(strings = {"woodwind", "brass", "strings"})
    void everybody_is_told_to_stop_at_pain_first(String family) {
        assertThat(Cautions.of(family).get(0)).startsWith("Stop at pain, tingling or numbness.");
        assertThat(Cautions.of(family))
                .allSatisfy(caution -> assertThat(caution).hasSizeLessThan(130));
    }

    @Test
    void those_who_blow_are_told_to_rest_from_high_notes() {
        assertThat(Cautions.of("woodwind")).anyMatch(caution -> caution.contains("light-headed"));
        assertThat(Cautions.of("brass")).anyMatch(caution -> caution.contains("light-headed"));
        assertThat(Cautions.of("strings")).noneMatch(caution -> caution.contains("light-headed"));
    }

    /** NIOSH publication 98-126 (1998): 85 dBA as an 8-hour average, with a 3 dB exchange rate. */
    @Test
    void the_hearing_limit_is_the_published_one() {
        assertThat(Cautions.of("strings"))
                .anyMatch(caution ->
                        caution.contains("85 dBA for 8 hours") && caution.contains("each 3 dB more halves the time"));
    }
}
