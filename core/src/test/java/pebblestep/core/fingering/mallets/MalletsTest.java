package pebblestep.core.fingering.mallets;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import pebblestep.core.fingering.Lines;

/** Sticking: common practice, no source. */
class MalletsTest {
    @Test
    void a_scale_alternates_from_the_hand_that_begins() {
        assertThat(Lines.texts(new Mallets(false), "C4 D4 E4 F4 G4 F4 E4 D4"))
                .containsExactly("R", "L", "R", "L", "R", "L", "R", "L");
        assertThat(Lines.texts(new Mallets(true), "C4 D4 E4 F4")).containsExactly("L", "R", "L", "R");
    }

    /** Upwards by octaves the hands would cross each time the left one goes above the right. */
    @Test
    void wide_leaps_begin_with_the_hand_that_does_not_have_to_cross() {
        assertThat(Lines.texts(new Mallets(false), "C4 C5 C4 C5")).containsExactly("L", "R", "L", "R");
        assertThat(Lines.texts(new Mallets(false), "C5 C4 C5 C4")).containsExactly("R", "L", "R", "L");
    }
}
