package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.Refusal;

/** Simulated tappers of known delay, each a little ahead of what they hear, as people are. */
class LatencyTest {

    private static List<Double> taps(double delay, double jitter, int count) {
        Random random = new Random(7);
        List<Double> taps = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            taps.add(Latency.INTERVAL_MILLIS * i + delay - 30 + jitter * random.nextGaussian());
        }
        return taps;
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 40, 180, 320, 650})
    void the_delay_of_the_headphones_is_found(double delay) {
        assertThat(Latency.of(taps(delay, 12, Latency.CLICKS)).millis()).isCloseTo(delay, within(8.0));
    }

    @Test
    void single_taps_far_off_do_not_matter() {
        List<Double> taps = taps(180, 8, Latency.CLICKS);
        taps.set(2, 2_600.0);
        taps.set(9, 9_650.0);
        Latency latency = Latency.of(taps);
        assertThat(latency.millis()).isCloseTo(180, within(8.0));
        assertThat(latency.sentence()).matches("The sound is heard 1[78]\\d ms late, give or take \\d+ ms\\.");
    }

    @Test
    void taps_before_the_click_are_no_delay() {
        assertThat(Latency.of(taps(-60, 5, 10)).millis()).isZero();
        assertThat(Latency.of(taps(-60, 5, 10)).sentence()).startsWith("Sound and screen are together");
    }

    @Test
    void too_few_taps_and_unsteady_ones_are_refused() {
        assertThatThrownBy(() -> Latency.of(taps(100, 5, 7))).hasMessageContaining("Only 7 taps");
        assertThatThrownBy(() -> Latency.of(taps(250, 200, 16)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("too far apart");
    }
}
