package pebblestep.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.Doubles;
import pebblestep.core.samples.Samples.Ints;

/** Against the function theilslopes(y, x, alpha, method="joint") of SciPy 1.17.1, run on the same numbers. */
class TheilSenTest {
    private static final double Z_80 = 1.2815515655446004;
    private static final double Z_95 = 1.959963984540054;
    private static final double EXACT = 1e-12;

    private static List<TheilSen.Point> points(String x, String y) {
        double[] xs =
                Arrays.stream(x.split(" ")).mapToDouble(Double::parseDouble).toArray();
        double[] ys =
                Arrays.stream(y.split(" ")).mapToDouble(Double::parseDouble).toArray();
        return IntStream.range(0, xs.length)
                .mapToObj(i -> new TheilSen.Point(xs[i], ys[i]))
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0 1 2 4 5 7 8 9 11 12 14 16 | 2.0 2.0 2.13 2.27 2.13 2.4 2.4 1.8 2.53 2.53 2.67 2.8 | 80"
                        + " | 0.04726190476190478 | 2.00922619047619 | 0.0433333333333333 | 0.05333333333333332",
                "0 1 2 4 5 7 8 9 11 12 14 16 | 2.0 2.0 2.13 2.27 2.13 2.4 2.4 1.8 2.53 2.53 2.67 2.8 | 95"
                        + " | 0.04726190476190478 | 2.00922619047619 | 0.03249999999999997 | 0.05714285714285713",
                "0 2 3 6 7 9 13 20 | 4.8 4.8 5.07 5.07 4.53 5.33 5.33 5.6 | 80"
                        + " | 0.040384615384615394 | 4.8025 | 0.025999999999999978 | 0.058888888888888914",
                "0 2 3 6 7 9 13 20 | 4.8 4.8 5.07 5.07 4.53 5.33 5.33 5.6 | 95"
                        + " | 0.040384615384615394 | 4.8025 | 0.0 | 0.08230769230769226",
                "0 3 5 8 10 15 | 3.2 3.1 3.1 2.9 3.0 2.7 | 80"
                        + " | -0.033333333333333326 | 3.2 | -0.039999999999999994 | -0.020000000000000018"
            })
    void a_line_and_its_bounds_are_those_of_a_statistics_library(
            String x, String y, int percent, double slope, double intercept, double lower, double upper) {
        TheilSen line = TheilSen.of(points(x, y), percent == 80 ? Z_80 : Z_95);
        assertThat(line.slope()).isCloseTo(slope, within(EXACT));
        assertThat(line.intercept()).isCloseTo(intercept, within(EXACT));
        assertThat(line.lower()).isCloseTo(lower, within(EXACT));
        assertThat(line.upper()).isCloseTo(upper, within(EXACT));
    }

    @Samples
    void one_wild_day_does_not_move_a_line(
            @Doubles(min = -1, max = 1) double slope,
            @Ints(min = 0, max = 8) int wild,
            @Doubles(min = -50, max = 50) double off) {
        List<TheilSen.Point> points = IntStream.range(0, 9)
                .mapToObj(i -> new TheilSen.Point(i, 3 + slope * i + (i == wild ? off : 0)))
                .toList();
        assertThat(TheilSen.of(points, Z_80).slope()).isCloseTo(slope, within(1e-9));
    }

    @Test
    void points_at_one_place_have_no_slope() {
        assertThatThrownBy(() -> TheilSen.of(points("1 1", "2 3"), Z_80)).hasMessageContaining("two different places");
    }
}
