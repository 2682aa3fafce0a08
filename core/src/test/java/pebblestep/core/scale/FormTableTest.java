package pebblestep.core.scale;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Every form by its steps in semitones, as handbooks of theory list them (from memory). */
class FormTableTest {

    static List<Form> forms() {
        return Forms.all();
    }

    private static String steps(Form form, Direction direction) {
        List<Degree> degrees = form.degrees(direction);
        List<String> steps = new ArrayList<>();
        for (int i = 0; i < degrees.size(); i++) {
            int next = i + 1 < degrees.size() ? degrees.get(i + 1).semitones() : 12;
            steps.add(Integer.toString(next - degrees.get(i).semitones()));
        }
        return String.join(" ", steps);
    }

    @ParameterizedTest
    @CsvSource({
        "major,2 2 1 2 2 2 1",
        "natural-minor,2 1 2 2 1 2 2",
        "harmonic-minor,2 1 2 2 1 3 1",
        "melodic-minor,2 1 2 2 2 2 1",
        "melodic-minor-same,2 1 2 2 2 2 1",
        "dorian,2 1 2 2 2 1 2",
        "phrygian,1 2 2 2 1 2 2",
        "lydian,2 2 2 1 2 2 1",
        "mixolydian,2 2 1 2 2 1 2",
        "locrian,1 2 2 1 2 2 2",
        "major-pentatonic,2 2 3 2 3",
        "minor-pentatonic,3 2 2 3 2",
        "minor-blues,3 2 1 1 3 2",
        "major-blues,2 1 1 3 2 3",
        "whole-tone,2 2 2 2 2 2",
        "octatonic-half-whole,1 2 1 2 1 2 1 2",
        "octatonic-whole-half,2 1 2 1 2 1 2 1",
        "chromatic,1 1 1 1 1 1 1 1 1 1 1 1",
        "dominant-eight-note,2 2 1 2 2 1 1 1",
        "major-eight-note,2 2 1 2 1 1 2 1",
        "major-triad,4 3 5",
        "minor-triad,3 4 5",
        "diminished-triad,3 3 6",
        "augmented-triad,4 4 4",
        "major-seventh,4 3 4 1",
        "dominant-seventh,4 3 3 2",
        "minor-seventh,3 4 3 2",
        "half-diminished,3 3 4 2",
        "diminished-seventh,3 3 3 3",
        "minor-major-seventh,3 4 4 1"
    })
    void a_form_has_its_steps(String id, String steps) {
        assertThat(steps(Forms.of(id), Direction.UP)).isEqualTo(steps);
    }

    @ParameterizedTest
    @CsvSource({
        "melodic-minor,2 1 2 2 1 2 2",
        "chromatic,1 1 1 1 1 1 1 1 1 1 1 1",
        "major-eight-note,2 2 1 2 1 1 2 1",
        "harmonic-minor,2 1 2 2 1 3 1"
    })
    void a_form_comes_down_by_its_own_steps(String id, String steps) {
        assertThat(steps(Forms.of(id), Direction.DOWN)).isEqualTo(steps);
    }

    @Test
    void the_table_above_names_every_form() throws NoSuchMethodException {
        String[] rows = FormTableTest.class
                .getDeclaredMethod("a_form_has_its_steps", String.class, String.class)
                .getAnnotation(CsvSource.class)
                .value();
        assertThat(rows)
                .extracting(row -> row.split(",")[0])
                .containsExactlyInAnyOrderElementsOf(
                        Forms.all().stream().map(Form::id).toList());
    }

    @ParameterizedTest
    @MethodSource("forms")
    void a_form_is_described_begins_on_its_tonic_and_fills_an_octave(Form form) {
        assertThat(form.description()).matches("[A-Z].*\\.");
        assertThat(form.family()).isNotBlank();
        for (Direction way : Direction.values()) {
            List<Degree> degrees = form.degrees(way);
            assertThat(degrees.get(0)).isEqualTo(new Degree(1, 0));
            for (int i = 1; i < degrees.size(); i++) {
                assertThat(degrees.get(i).semitones())
                        .isGreaterThan(degrees.get(i - 1).semitones())
                        .isLessThan(12);
            }
        }
        form.confusedWith().ifPresent(other -> assertThat(Forms.of(other)).isNotNull());
        assertThat(form.chord()).allMatch(place -> place >= 0 && place < form.size());
    }

    @ParameterizedTest
    @MethodSource("forms")
    void a_form_of_seven_notes_uses_each_letter_once(Form form) {
        if (form.size() != 7) return;
        assertThat(form.ascending().stream().map(Degree::number).collect(Collectors.toSet()))
                .hasSize(7);
    }

    /** The signature of a mode is that of the major key a fixed number of fifths away: common practice, no source. */
    @ParameterizedTest
    @CsvSource({
        "D,dorian,0",
        "E,phrygian,0",
        "F,lydian,0",
        "G,mixolydian,0",
        "B,locrian,0",
        "G,dorian,-1",
        "A,phrygian,-1",
        "Bb,lydian,-1",
        "C,mixolydian,-1",
        "E,locrian,-1",
        "A,dorian,1",
        "B,phrygian,1",
        "C,lydian,1",
        "D,mixolydian,1",
        "F#,locrian,1",
        "C,dorian,-2",
        "D,phrygian,-2",
        "Eb,lydian,-2",
        "F,mixolydian,-2",
        "A,locrian,-2",
        "E,dorian,2",
        "F#,phrygian,2",
        "G,lydian,2",
        "A,mixolydian,2",
        "C#,locrian,2",
        "Bb,dorian,-4",
        "C,phrygian,-4",
        "Db,lydian,-4",
        "Eb,mixolydian,-4",
        "G,locrian,-4",
        "C,major-pentatonic,0",
        "A,minor-pentatonic,0",
        "A,minor-blues,0",
        "C,major-blues,0",
        "G,dominant-eight-note,0",
        "C,major-eight-note,0",
        "G,dominant-seventh,0",
        "B,half-diminished,0"
    })
    void a_mode_is_written_in_the_signature_of_its_notes(String tonic, String form, int fifths) {
        assertThat(KeyTest.key(tonic, form).signature().fifths()).isEqualTo(fifths);
    }
}
