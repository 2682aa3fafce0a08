package pebblestep.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Held against closed forms: Abramowitz and Stegun 1964, 6.3.2, 6.3.3, 6.4.2 and 6.4.4, and recurrences of these. */
class PolygammaTest {
    private static final double EULER = 0.57721566490153286;

    @ParameterizedTest
    @CsvSource({"1", "2", "3", "10"})
    void at_whole_numbers(int n) {
        double digamma = -EULER;
        double trigamma = Math.PI * Math.PI / 6;
        for (int k = 1; k < n; k++) {
            digamma += 1.0 / k;
            trigamma -= 1.0 / k / k;
        }
        assertThat(Polygamma.digamma(n)).isCloseTo(digamma, within(1e-8));
        assertThat(Polygamma.trigamma(n)).isCloseTo(trigamma, within(1e-8));
    }

    @ParameterizedTest
    @CsvSource({"0", "1", "4"})
    void at_halves(int n) {
        double digamma = -EULER - 2 * Math.log(2);
        double trigamma = Math.PI * Math.PI / 2;
        for (int k = 1; k <= n; k++) {
            digamma += 2.0 / (2 * k - 1);
            trigamma -= 4.0 / (2 * k - 1) / (2 * k - 1);
        }
        assertThat(Polygamma.digamma(n + 0.5)).isCloseTo(digamma, within(1e-8));
        assertThat(Polygamma.trigamma(n + 0.5)).isCloseTo(trigamma, within(1e-8));
    }
}
