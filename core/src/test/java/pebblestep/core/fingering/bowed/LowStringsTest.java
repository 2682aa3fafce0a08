package pebblestep.core.fingering.bowed;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.fingering.Lines;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.search.Fingering;

/** Fingers: common practice, no source. */
class LowStringsTest {
    private static String spoken(Fingering fingering) {
        return fingering.stops().stream()
                .map(stop -> (Shape.Bowed) stop.way().shape())
                .map(shape -> shape.stringName() + shape.finger())
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource({
        "cello, D3 E3 F#3 G3 A3 B3 C#4 D4, D0 D1 D3 D4 A0 A1 A3 A4",
        "cello, C2 D2 E2 F2 G2 A2 B2 C3, C0 C1 C3 C4 G0 G1 G3 G4",
        "cello, G2 A2 B2 C3 D3 E3 F#3 G3, G0 G1 G3 G4 D0 D1 D3 D4",
        "double-bass, A2 B2 C3 D3, A0 A1 A2 D0",
        "double-bass, E2 F#2 G2 A2, E0 E1 E2 A0"
    })
    void a_scale_in_first_position(String instrument, String notes, String spoken) {
        for (double seconds : new double[] {1, 0.4, 0.15}) {
            assertThat(spoken(Lines.fingering(Lines.hand(instrument), seconds, notes)))
                    .isEqualTo(spoken);
        }
    }

    /** E flat and F beside C sharp want the open hand or another position; both are said. */
    @Test
    void whole_steps_between_neighbours_open_the_hand_or_move_it() {
        Fingering fingering = Lines.fingering(Lines.hand("cello"), 0.3, "Bb2 C3 D3 Eb3 F3 G3 Ab3 Bb3");
        assertThat(fingering.stops())
                .allSatisfy(stop -> assertThat(stop.way().text()).isNotEmpty());
        assertThat(fingering.hardest(3)).isNotEmpty();
        assertThat(fingering.hardest(1).getFirst().why()).isNotEmpty();
    }

    @Test
    void far_up_the_thumb_comes_onto_the_string() {
        Fingering fingering = Lines.fingering(Lines.hand("cello"), 0.4, "A4 B4 C5 D5 E5 F#5 G5 A5");
        assertThat(fingering.stops().getLast().way().shape())
                .isInstanceOfSatisfying(
                        Shape.Bowed.class, shape -> assertThat(shape.position()).startsWith("thumb"));
    }
}
