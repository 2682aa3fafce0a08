package pebblestep.core.scale;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Syllables from memory of standard tables. */
class SolFaTest {
    private static String sung(String degrees) {
        return Arrays.stream(degrees.split(" "))
                .map(degree -> SolFa.of(Degree.parse(degree)))
                .collect(Collectors.joining(" "));
    }

    @Test
    void major_and_the_chromatic_scale_up_and_down() {
        assertThat(sung("1 2 3 4 5 6 7")).isEqualTo("do re mi fa so la ti");
        assertThat(sung("1 #1 2 #2 3 4 #4 5 #5 6 #6 7")).isEqualTo("do di re ri mi fa fi so si la li ti");
        assertThat(sung("7 b7 6 b6 5 b5 4 3 b3 2 b2 1")).isEqualTo("ti te la le so se fa mi me re ra do");
    }

    @Test
    void minor_begins_on_do_as_well() {
        assertThat(sung("1 2 b3 4 5 b6 b7")).isEqualTo("do re me fa so le te");
        assertThat(sung("1 2 b3 4 5 b6 7")).isEqualTo("do re me fa so le ti");
    }

    @Test
    void what_has_no_syllable_says_its_signs() {
        assertThat(sung("#3 b4 bb7 ##1")).isEqualTo("mi♯ fa♭ ti♭♭ do♯♯");
    }
}
