package pebblestep.core.fingering.bowed;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.fingering.Lines;

/** As players pencil it into their scales: common practice, no source. */
class StringSignsTest {
    private static List<StringSigns> signs(String instrument, String notes) {
        return StringSigns.of(Lines.fingering(Lines.hand(instrument), 0.3, notes));
    }

    /** G major two octaves: the second finger stands high on the lower strings and comes down on the upper ones. */
    @ParameterizedTest
    @CsvSource({
        "violin, G3 A3 B3 C4 D4 E4 F#4 G4 A4 B4 C5 D5 E5 F#5 G5, 0 1 ↑2 3 0 1 2 3 0 1 ↓2 3 0 1 2",
        "violin, A4 B4 C#5 D5 E5 F#5 G#5 A5, 0 1 ↑2 3 0 1 2 3",
        "cello, D3 E3 F#3 G3 A3 B3 C#4 D4, 0 1 3 4 0 1 3 4"
    })
    void an_arrow_stands_where_a_finger_moves_from_where_it_stood(String instrument, String notes, String fingers) {
        assertThat(signs(instrument, notes).stream().map(StringSigns::finger).collect(Collectors.joining(" ")))
                .isEqualTo(fingers);
    }

    @Test
    void the_string_stands_where_it_changes_and_a_position_at_the_shift() {
        assertThat(signs("violin", "A4 B4 C#5 D5 E5 F#5"))
                .extracting(StringSigns::beside)
                .containsExactly("A", "", "", "", "E", "");
        List<StringSigns> up = signs("violin", "E5 F#5 G#5 A5 B5 C#6 D6 E6");
        assertThat(up.getFirst().beside()).isEqualTo("E");
        assertThat(up.subList(1, up.size()))
                .extracting(StringSigns::beside)
                .anyMatch(beside -> beside.matches("[IVX]+"));
    }

    @Test
    void other_hands_have_no_such_signs() {
        assertThat(signs("trumpet", "C4 D4")).containsOnly(new StringSigns("", ""));
    }
}
