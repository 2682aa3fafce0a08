package pebblestep.core.scale;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Syllables;

/** Syllables from memory of standard tables. */
class SolFaTest {
    private static String sung(String degrees) {
        return Arrays.stream(degrees.split(" "))
                .map(degree -> SolFa.of(Degree.parse(degree)))
                .collect(Collectors.joining(" "));
    }

    @Test
    void major_and_the_chromatic_scale_up_and_down() {
        assertThat(sung("1 2 3 4 5 6 7")).isEqualTo("do re mi fa so la ti");
        assertThat(sung("1 #1 2 #2 3 4 #4 5 #5 6 #6 7")).isEqualTo("do di re ri mi fa fi so si la li ti");
        assertThat(sung("7 b7 6 b6 5 b5 4 3 b3 2 b2 1")).isEqualTo("ti te la le so se fa mi me re ra do");
    }

    @Test
    void minor_begins_on_do_as_well() {
        assertThat(sung("1 2 b3 4 5 b6 b7")).isEqualTo("do re me fa so le te");
        assertThat(sung("1 2 b3 4 5 b6 7")).isEqualTo("do re me fa so le ti");
    }

    @Test
    void what_has_no_syllable_says_its_signs() {
        assertThat(sung("#3 b4 bb7 ##1")).isEqualTo("mi♯ fa♭ ti♭♭ do♯♯");
    }

    private static String sung(String tonic, String form, Syllables school) {
        Key key = Key.of(NoteName.parse(tonic), Forms.of(form));
        return IntStream.range(0, key.form().size())
                .mapToObj(i -> SolFa.of(
                        key.form().ascending().get(i), key.notes(Direction.UP).get(i), key.form(), school))
                .collect(Collectors.joining(" "));
    }

    /** Minor from la, its raised sixth fi and its raised seventh si; the modes from where they lie in major: standard tables, from memory. */
    @ParameterizedTest
    @CsvSource({
        "A, major, do re mi fa so la ti",
        "C, natural-minor, la ti do re mi fa so",
        "F#, harmonic-minor, la ti do re mi fa si",
        "Bb, melodic-minor, la ti do re mi fi si",
        "D, dorian, re mi fa so la ti do",
        "Eb, phrygian, mi fa so la ti do re",
        "F, lydian, fa so la ti do re mi",
        "G, mixolydian, so la ti do re mi fa",
        "B, locrian, ti do re mi fa so la"
    })
    void the_relative_do_is_that_of_the_signature(String tonic, String form, String syllables) {
        assertThat(sung(tonic, form, Syllables.RELATIVE)).isEqualTo(syllables);
    }

    @ParameterizedTest
    @CsvSource({
        "C, major, do re mi fa so la ti",
        "D, major, re mi fi so la ti di",
        "Ab, major, le te do ra me fa so",
        "C, harmonic-minor, do re me fa so le ti"
    })
    void a_fixed_do_is_c(String tonic, String form, String syllables) {
        assertThat(sung(tonic, form, Syllables.FIXED)).isEqualTo(syllables);
    }

    @Test
    void a_form_without_a_signature_has_its_do_on_the_tonic() {
        for (Form form : Forms.all()) {
            if (form.signatureFifths().isPresent()) continue;
            assertThat(sung("C", form.id(), Syllables.RELATIVE))
                    .as(form.id())
                    .isEqualTo(sung("C", form.id(), Syllables.TONIC));
        }
    }
}
