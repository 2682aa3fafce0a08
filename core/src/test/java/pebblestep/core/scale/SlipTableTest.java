package pebblestep.core.scale;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The slips of every key that a signature writes, worked out by hand from the circle of fifths. */
class SlipTableTest {

    private static String slips(String tonic, String form) {
        return Slips.of(KeyTest.key(tonic, form)).stream()
                .map(slip -> slip.play() + " not " + slip.not())
                .collect(Collectors.joining(", "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Cb | Fb not F",
                "Gb | Cb not C, F not Fb",
                "Db | Gb not G, C not Cb",
                "Ab | Db not D, G not Gb",
                "Eb | Ab not A, D not Db",
                "Bb | Eb not E, A not Ab",
                "F | Bb not B, E not Eb",
                "C | F not F#, B not Bb",
                "G | F# not F, C not C#",
                "D | C# not C, G not G#",
                "A | G# not G, D not D#",
                "E | D# not D, A not A#",
                "B | A# not A, E not E#",
                "F# | E# not E, B not B#",
                "C# | B# not B"
            })
    void a_major_key(String tonic, String slips) {
        assertThat(slips(tonic, "major")).isEqualTo(slips);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Ab | Fb not F",
                "Eb | Cb not C, F not Fb",
                "Bb | Gb not G, C not Cb",
                "F | Db not D, G not Gb",
                "C | Ab not A, D not Db",
                "G | Eb not E, A not Ab",
                "D | Bb not B, E not Eb",
                "A | F not F#, B not Bb",
                "E | F# not F, C not C#",
                "B | C# not C, G not G#",
                "F# | G# not G, D not D#",
                "C# | D# not D, A not A#",
                "G# | A# not A, E not E#",
                "D# | E# not E, B not B#",
                "A# | B# not B"
            })
    void a_natural_minor_key(String tonic, String slips) {
        assertThat(slips(tonic, "natural-minor")).isEqualTo(slips);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Eb | Cb not C, F not Fb, D not Db",
                "Bb | Gb not G, C not Cb, A not Ab",
                "F | Db not D, G not Gb, E not Eb",
                "C | Ab not A, D not Db, B not Bb",
                "G | Eb not E, A not Ab, F# not F",
                "D | Bb not B, E not Eb, C# not C",
                "A | F not F#, B not Bb, G# not G",
                "E | F# not F, C not C#, D# not D",
                "B | C# not C, G not G#, A# not A",
                "F# | G# not G, D not D#, E# not E",
                "C# | D# not D, A not A#, B# not B",
                "G# | A# not A, E not E#, F## not F#"
            })
    void a_harmonic_minor_key_adds_its_raised_seventh(String tonic, String slips) {
        assertThat(slips(tonic, "harmonic-minor")).isEqualTo(slips);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "F | major-seventh | E not Eb",
                "G | dominant-seventh | F not F#",
                "D | minor-seventh | F not F#",
                "B | half-diminished | F not F#",
                "C | augmented-triad | G# not G",
                "C | diminished-triad | Gb not G",
                "A | minor-major-seventh | G# not G"
            })
    void a_chord_slips_into_the_one_beside_it(String tonic, String form, String slips) {
        assertThat(slips(tonic, form).split(", ")).containsExactlyInAnyOrder(slips.split(", "));
    }
}
