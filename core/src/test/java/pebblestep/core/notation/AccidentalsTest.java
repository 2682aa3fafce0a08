package pebblestep.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.scale.KeySignature;

/** Which signs are printed, bar by bar; reminders in parentheses: common engraving practice, no source. */
class AccidentalsTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "0; F4 G4 A4; - - -",
                "0; F#4 F#4 G4; # - -",
                "0; F#4 | F#4; # | #",
                "0; F#4 | F4; # | (n)",
                "0; F#4 | G4 | F4; # | - | -",
                "0; F#4 F4; # n",
                "0; F#4 F5; # (n)",
                "1; F#4 F4 F#4; - n #",
                "1; F4 | F#4; n | (#)",
                "-2; Bb4 B4 Eb5; - n -",
                "-2; B4 | Bb4 B4; n | (b) n",
                "3; F##4 F#4; ## #",
                "-6; Cb5 C5 | Cb5; - n | (b)",
                "0; Bbb4 Bb4; bb b"
            })
    void signs_are_printed_where_they_are_needed(int fifths, String bars, String printed) {
        Accidentals accidentals = new Accidentals(new KeySignature(fifths));
        List<String> shown = new ArrayList<>();
        for (String bar : bars.split(" \\| ")) {
            accidentals.barline();
            List<String> inBar = new ArrayList<>();
            for (String pitch : bar.split(" ")) {
                inBar.add(accidentals
                        .next(Pitch.parse(pitch))
                        .map(sign -> sign.courtesy() ? "(" + sign.sign() + ")" : sign.sign())
                        .orElse("-"));
            }
            shown.add(String.join(" ", inBar));
        }
        assertThat(String.join(" | ", shown)).isEqualTo(printed);
    }
}
