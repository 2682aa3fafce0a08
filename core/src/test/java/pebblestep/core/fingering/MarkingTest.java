package pebblestep.core.fingering;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.fingering.instruments.InstrumentHands;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.pitch.Pitch;

class MarkingTest {
    private static Marking finger(String text) {
        return new Marking(text, OptionalInt.empty(), OptionalInt.empty());
    }

    private static Hand hand(String instrument) {
        return InstrumentHands.of(Instruments.of(instrument)).orElseThrow();
    }

    /** As people write them; common practice, no source. */
    @ParameterizedTest
    @CsvSource({
        "trumpet, A4, 1-2, 1-2",
        "trumpet, A4, 12, 1-2",
        "trumpet, A4, 1 + 2, 1-2",
        "trumpet, C5, open, 0",
        "trumpet, C5, o, 0",
        "trombone, F3, 1, 1",
        "piano, C4, 3, 3",
        "violin, B4, 1, 1"
    })
    void what_stands_at_a_note_is_found_among_its_ways(String instrument, String pitch, String written, String text) {
        assertThat(finger(written)
                        .in(hand(instrument), Pitch.parse(pitch))
                        .orElseThrow()
                        .text())
                .isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource({"trumpet, A4, 4", "trumpet, A4, forked", "piano, C4, 7", "violin, G3, 2", "oboe, A4, xyz"})
    void what_the_hand_does_not_have_is_none(String instrument, String pitch, String written) {
        assertThat(finger(written).in(hand(instrument), Pitch.parse(pitch))).isEmpty();
    }

    @Test
    void a_string_and_a_fret_need_no_finger() {
        Marking on = new Marking("", OptionalInt.of(5), OptionalInt.of(3));
        Shape.Fretted found = (Shape.Fretted)
                on.in(hand("classical-guitar"), Pitch.parse("C4")).orElseThrow().shape();
        assertThat(found.string()).isEqualTo(5);
        assertThat(found.fret()).isEqualTo(3);
        assertThat(on.in(hand("trumpet"), Pitch.parse("C4")))
                .as("valves have no strings")
                .isEmpty();
        assertThat(new Marking(" ", OptionalInt.empty(), OptionalInt.empty()).isEmpty())
                .isTrue();
    }
}
