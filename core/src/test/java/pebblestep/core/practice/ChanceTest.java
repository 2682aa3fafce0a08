package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

/** Held against the platform's own generator, whose numbers its documentation lays down. */
class ChanceTest {
    @Test
    void it_gives_what_the_platform_gives_for_the_same_seed() {
        for (long seed : new long[] {0, 1, 5, -1, 42, Long.MIN_VALUE, 0x5DEECE66DL}) {
            Random platform = new Random(seed);
            Chance chance = new Chance(seed);
            for (int i = 0; i < 1_000; i++) {
                assertThat(chance.nextDouble()).isEqualTo(platform.nextDouble());
                assertThat(chance.nextGaussian()).isCloseTo(platform.nextGaussian(), within(1e-12));
            }
        }
    }
}
