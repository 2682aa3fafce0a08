package pebblestep.core.scale;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.Letter;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;

class KeyTest {

    static Key key(String tonic, String form) {
        return Key.of(NoteName.parse(tonic), Forms.of(form));
    }

    /** Semitone steps of the forms: common practice, no source. */
    @ParameterizedTest
    @CsvSource({
        "major, 2 2 1 2 2 2 1",
        "natural-minor, 2 1 2 2 1 2 2",
        "harmonic-minor, 2 1 2 2 1 3 1",
        "melodic-minor, 2 1 2 2 2 2 1",
        "minor-pentatonic, 3 2 2 3 2"
    })
    void a_form_has_its_steps(String form, String steps) {
        assertThat(steps(key("C", form))).isEqualTo(steps);
    }

    @Samples
    void a_major_scale_uses_each_letter_once_and_has_its_steps(@From("usable") NoteName tonic) {
        Key key = key(tonic.toString(), "major");
        assertThat(key.notes(Direction.UP)).extracting(NoteName::letter).containsExactlyInAnyOrder(Letter.values());
        assertThat(steps(key)).isEqualTo("2 2 1 2 2 2 1");
    }

    Draw<NoteName> usable() {
        return Draw.of(Letter.values())
                .flatMap(letter -> Draw.ints(-2, 2).map(alt -> new NoteName(letter, alt)))
                .filter(KeyTest::isUsable);
    }

    private static boolean isUsable(NoteName tonic) {
        try {
            Key.of(tonic, Forms.of("major"));
            return true;
        } catch (Refusal e) {
            return false;
        }
    }

    private static String steps(Key key) {
        List<String> steps = new java.util.ArrayList<>();
        for (int i = 0; i < key.form().size(); i++) {
            Pitch here = key.pitchAt(i, Direction.UP, 4);
            Pitch next = key.pitchAt(i + 1, Direction.UP, 4);
            steps.add(Integer.toString(Interval.between(here, next).semitones()));
        }
        return String.join(" ", steps);
    }

    @Test
    void melodic_minor_comes_down_as_natural_minor() {
        assertThat(key("A", "melodic-minor").notes(Direction.UP)).hasToString("[A, B, C, D, E, F♯, G♯]");
        assertThat(key("A", "melodic-minor").notes(Direction.DOWN)).hasToString("[A, B, C, D, E, F, G]");
    }

    /** Signatures: common practice, no source; positive are sharps. */
    @ParameterizedTest
    @CsvSource({
        "C,major,0",
        "G,major,1",
        "F♯,major,6",
        "C♯,major,7",
        "F,major,-1",
        "D♭,major,-5",
        "C♭,major,-7",
        "A,natural-minor,0",
        "E,harmonic-minor,1",
        "G,melodic-minor,-2",
        "C,minor-pentatonic,-3",
        "G♯,major,8"
    })
    void a_key_has_its_signature(String tonic, String form, int fifths) {
        assertThat(key(tonic, form).signature().fifths()).isEqualTo(fifths);
    }

    @Test
    void a_signature_lists_its_accidentals_in_order() {
        assertThat(key("D", "major").signature().notes()).hasToString("[F♯, C♯]");
        assertThat(key("A♭", "major").signature().notes()).hasToString("[B♭, E♭, A♭, D♭]");
        assertThat(key("G♯", "major").signature().notes()).isEmpty();
    }

    @Test
    void a_key_with_a_triple_alteration_is_refused_with_the_key_to_use() {
        assertThatThrownBy(() -> key("G♯♯", "major")).isInstanceOfSatisfying(Refusal.class, refusal -> {
            assertThat(refusal).hasMessage("G♯♯ major would need a triple alteration.");
            assertThat(refusal.field()).isEqualTo("key.tonic");
            assertThat(refusal.fits()).contains("Use A major, which sounds the same.");
        });
    }

    @Test
    void an_unknown_form_is_refused_with_those_there_are() {
        assertThatThrownBy(() -> Forms.of("enigmatic")).isInstanceOfSatisfying(Refusal.class, refusal -> {
            assertThat(refusal.field()).isEqualTo("key.form");
            assertThat(refusal.fits().orElseThrow()).contains("harmonic-minor");
        });
    }

    /** Transpositions of a class in concert Bb and elsewhere: common practice, no source. */
    @ParameterizedTest
    @CsvSource({"B♭,1,2,C", "B♭,5,9,G", "B♭,4,7,F", "D♭,4,7,A♭", "F♯,1,2,A♭", "B,4,7,F♯", "C♭,4,7,G♭", "C♭,0,0,C♭"})
    void a_transposed_key_takes_the_simpler_spelling(String tonic, int steps, int semitones, String written) {
        assertThat(key(tonic, "major").transposed(Interval.of(steps, semitones)).tonic())
                .hasToString(written);
    }

    @Test
    void at_six_against_six_the_choice_of_the_teacher_decides() {
        Interval fifth = Interval.of(4, 7);
        assertThat(key("B", "major").transposed(fifth, SixAccidentals.FLATS).tonic())
                .hasToString("G♭");
        assertThat(key("C♭", "major")
                        .transposed(fifth, SixAccidentals.of("sharps"))
                        .tonic())
                .hasToString("F♯");
        assertThat(key("G♯", "natural-minor")
                        .transposed(fifth, SixAccidentals.FLATS)
                        .tonic())
                .hasToString("E♭");
        assertThatThrownBy(() -> SixAccidentals.of("naturals")).isInstanceOf(Refusal.class);
    }

    /** Relative and parallel keys: common practice, no source. */
    @ParameterizedTest
    @CsvSource({
        "C,major,A natural minor,C natural minor",
        "E♭,major,C natural minor,E♭ natural minor",
        "F♯,harmonic-minor,A major,F♯ major",
        "D♭,major,B♭ natural minor,C♯ natural minor",
        "G♯,melodic-minor,B major,A♭ major",
        "D,dorian,C major,D major"
    })
    void a_key_has_its_relative_and_its_parallel(String tonic, String form, String relative, String parallel) {
        assertThat(key(tonic, form).relative().orElseThrow()).hasToString(relative);
        assertThat(key(tonic, form).parallel()).hasToString(parallel);
    }

    @Test
    void a_form_without_a_signature_has_no_relative() {
        assertThat(key("C", "whole-tone").relative()).isEmpty();
        assertThat(key("C", "whole-tone").signature()).isEqualTo(KeySignature.NONE);
    }

    @Test
    void scale_indexes_go_on_above_and_below_the_octave() {
        Key key = key("B♭", "major");
        assertThat(key.pitchAt(0, Direction.UP, 3)).hasToString("B♭3");
        assertThat(key.pitchAt(1, Direction.UP, 3)).hasToString("C4");
        assertThat(key.pitchAt(14, Direction.UP, 3)).hasToString("B♭5");
        assertThat(key.pitchAt(-1, Direction.UP, 3)).hasToString("A3");
    }

    @Test
    void keys_are_values() {
        assertThat(key("D♭", "major")).isEqualTo(key("D♭", "major")).hasToString("D♭ major");
        assertThat(key("D♭", "major")).hasSameHashCodeAs(key("D♭", "major")).isNotEqualTo(key("C♯", "major"));
    }
}
