package pebblestep.core;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
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

    @Test
    void the_last_digit_of_a_division_does_not_decide_about_a_half() {
        assertThat(Rounding.times(2.45, 10)).isEqualTo(25);
        assertThat(Rounding.times(Math.nextDown(2.45), 10)).isEqualTo(25);
        assertThat(Rounding.times(2.4499, 10)).isEqualTo(24);
        assertThat(Rounding.times(-0.05, 10)).isZero();
        assertThat(Rounding.times(1234.5675, 1000)).isEqualTo(1_234_568);
    }
}
