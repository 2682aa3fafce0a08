package pebblestep.core.pitch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.Refusal;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.Ints;

class PitchTest {

    /** Note numbers as the MIDI 1.0 specification gives them, with C4 as 60. */
    @ParameterizedTest
    @CsvSource({"C4,60", "A4,69", "C-1,0", "G9,127", "B#3,60", "Cb4,59", "F##4,67", "Dbb4,60"})
    void a_pitch_has_its_midi_number(String text, int midi) {
        assertThat(Pitch.parse(text).midi()).isEqualTo(midi);
    }

    /** ISO 16:1975 fixes A4 at 440 Hz; the others follow from equal temperament, to a hundredth (handbook values). */
    @ParameterizedTest
    @CsvSource({"A4,440.00", "C4,261.63", "A3,220.00", "E5,659.26", "C8,4186.01"})
    void a_pitch_has_its_frequency(String text, double hertz) {
        assertThat(Pitch.parse(text).hertz(440)).isCloseTo(hertz, within(0.005));
    }

    @Test
    void the_reference_pitch_can_be_set_within_reason() {
        assertThat(Pitch.parse("A5").hertz(415)).isEqualTo(830);
        assertThatThrownBy(() -> Pitch.parse("A4").hertz(500)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Pitch.parse("A4").hertz(Double.NaN)).isInstanceOf(Refusal.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "C", "H4", "c4", "Cbbb4", "C#b4", "C♯b4", "C4x", "4", "C99", "Db--4"})
    void what_is_no_pitch_is_refused(String text) {
        assertThatThrownBy(() -> Pitch.parse(text)).isInstanceOf(Refusal.class);
    }

    @ParameterizedTest
    @CsvSource({"C4,4,7,G4", "F4,3,6,B4", "B3,1,1,C4", "D♭4,-4,-7,G♭3", "G♯4,2,4,B♯4", "C4,7,12,C5"})
    void an_interval_keeps_its_letter_and_its_sound(String from, int steps, int semitones, String to) {
        Interval interval = Interval.of(steps, semitones);
        assertThat(Pitch.parse(from).plus(interval)).hasToString(to);
        assertThat(Pitch.parse(to).plus(interval.negated())).hasToString(from);
        assertThat(Interval.between(Pitch.parse(from), Pitch.parse(to))).isEqualTo(interval);
    }

    @Samples
    void every_spelling_of_a_sound_sounds_the_same(@Ints(max = 11) int pitchClass) {
        assertThat(NoteName.spellings(pitchClass))
                .hasSizeBetween(2, 3)
                .allMatch(name -> name.pitchClass() == pitchClass);
    }

    @Test
    void a_note_is_written_plainly_in_documents_and_with_the_signs_of_the_staff_in_sentences() {
        NoteName sharp = NoteName.parse("F##");
        assertThat(sharp).hasToString("F♯♯").isEqualTo(NoteName.parse("F♯♯"));
        assertThat(sharp.id()).isEqualTo("F##");
        Pitch low = Pitch.parse("Abb-1");
        assertThat(low).hasToString("A♭♭-1").isEqualTo(Pitch.parse("A♭♭-1"));
        assertThat(low.id()).isEqualTo("Abb-1");
        assertThatThrownBy(() -> sharp.altered(1)).isInstanceOf(Refusal.class);
    }
}
