package pebblestep.core.pitch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** MIDI note numbers, and frequencies in equal temperament at A4 = 440 Hz (ISO 16:1975; the table as acoustics handbooks print it, from memory). */
class FrequencyTableTest {

    @ParameterizedTest
    @CsvSource({
        "A0,21,27.500", "C1,24,32.703", "C2,36,65.406", "E2,40,82.407", "A2,45,110.000", "C3,48,130.813",
        "G3,55,195.998", "C4,60,261.626", "C#4,61,277.183", "D4,62,293.665", "Eb4,63,311.127", "E4,64,329.628",
        "F4,65,349.228", "F#4,66,369.994", "G4,67,391.995", "Ab4,68,415.305", "A4,69,440.000", "Bb4,70,466.164",
        "B4,71,493.883", "C5,72,523.251", "A5,81,880.000", "C6,84,1046.502", "C7,96,2093.005", "C8,108,4186.009"
    })
    void a_pitch_has_its_number_and_its_frequency(String pitch, int midi, double hertz) {
        Pitch parsed = Pitch.parse(pitch);
        assertThat(parsed.midi()).isEqualTo(midi);
        assertThat(parsed.hertz(440)).isCloseTo(hertz, within(0.0006));
        assertThat(parsed.hertz(415)).isCloseTo(hertz * 415 / 440, within(0.0006));
        assertThat(Pitch.commonlyNamed(midi).midi()).isEqualTo(midi);
    }
}
