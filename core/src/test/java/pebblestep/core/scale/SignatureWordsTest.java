package pebblestep.core.scale;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The order of sharps and flats is common practice, no source. */
class SignatureWordsTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0 | no sharps or flats",
                "1 | 1 sharp: F♯",
                "-4 | 4 flats: B♭, E♭, A♭, D♭",
                "3 | 3 sharps: F♯, C♯, G♯",
                "8 | 8 sharps, written note by note"
            })
    void a_signature_is_said_with_its_number_and_its_notes(int fifths, String words) {
        assertThat(new KeySignature(fifths).inWords()).isEqualTo(words);
    }
}
