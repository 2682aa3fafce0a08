package pebblestep.core;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.Doubles;

class RoundingTest {
    /** Against the JDK, whose documentation is the rule. */
    @Samples
    void it_rounds_as_the_jdk_does(@Doubles(min = -1e9, max = 1e9) double number) {
        assertThat(Rounding.whole(number)).isEqualTo(Math.round(number));
        double half = Math.floor(number) + 0.5;
        assertThat(Rounding.whole(half)).isEqualTo(Math.round(half));
    }

    @ParameterizedTest
    @CsvSource({"2.5,3", "-2.5,-2", "-12.5,-12", "0.49999999999999994,0", "-0.5,0", "0,0", "7,7"})
    void a_half_goes_up(double number, long whole) {
        assertThat(Rounding.whole(number)).isEqualTo(whole).isEqualTo(Math.round(number));
    }
}
