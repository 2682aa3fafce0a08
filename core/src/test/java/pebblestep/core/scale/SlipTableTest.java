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
                "C♭ | F♭ not F",
                "G♭ | C♭ not C, F not F♭",
                "D♭ | G♭ not G, C not C♭",
                "A♭ | D♭ not D, G not G♭",
                "E♭ | A♭ not A, D not D♭",
                "B♭ | E♭ not E, A not A♭",
                "F | B♭ not B, E not E♭",
                "C | F not F♯, B not B♭",
                "G | F♯ not F, C not C♯",
                "D | C♯ not C, G not G♯",
                "A | G♯ not G, D not D♯",
                "E | D♯ not D, A not A♯",
                "B | A♯ not A, E not E♯",
                "F♯ | E♯ not E, B not B♯",
                "C♯ | B♯ not B"
            })
    void a_major_key(String tonic, String slips) {
        assertThat(slips(tonic, "major")).isEqualTo(slips);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "A♭ | F♭ not F",
                "E♭ | C♭ not C, F not F♭",
                "B♭ | G♭ not G, C not C♭",
                "F | D♭ not D, G not G♭",
                "C | A♭ not A, D not D♭",
                "G | E♭ not E, A not A♭",
                "D | B♭ not B, E not E♭",
                "A | F not F♯, B not B♭",
                "E | F♯ not F, C not C♯",
                "B | C♯ not C, G not G♯",
                "F♯ | G♯ not G, D not D♯",
                "C♯ | D♯ not D, A not A♯",
                "G♯ | A♯ not A, E not E♯",
                "D♯ | E♯ not E, B not B♯",
                "A♯ | B♯ not B"
            })
    void a_natural_minor_key(String tonic, String slips) {
        assertThat(slips(tonic, "natural-minor")).isEqualTo(slips);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "E♭ | C♭ not C, F not F♭, D not D♭",
                "B♭ | G♭ not G, C not C♭, A not A♭",
                "F | D♭ not D, G not G♭, E not E♭",
                "C | A♭ not A, D not D♭, B not B♭",
                "G | E♭ not E, A not A♭, F♯ not F",
                "D | B♭ not B, E not E♭, C♯ not C",
                "A | F not F♯, B not B♭, G♯ not G",
                "E | F♯ not F, C not C♯, D♯ not D",
                "B | C♯ not C, G not G♯, A♯ not A",
                "F♯ | G♯ not G, D not D♯, E♯ not E",
                "C♯ | D♯ not D, A not A♯, B♯ not B",
                "G♯ | A♯ not A, E not E♯, F♯♯ not F♯"
            })
    void a_harmonic_minor_key_adds_its_raised_seventh(String tonic, String slips) {
        assertThat(slips(tonic, "harmonic-minor")).isEqualTo(slips);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "F | major-seventh | E not E♭",
                "G | dominant-seventh | F not F♯",
                "D | minor-seventh | F not F♯",
                "B | half-diminished | F not F♯",
                "C | augmented-triad | G♯ not G",
                "C | diminished-triad | G♭ not G",
                "A | minor-major-seventh | G♯ not G"
            })
    void a_chord_slips_into_the_one_beside_it(String tonic, String form, String slips) {
        assertThat(slips(tonic, form).split(", ")).containsExactlyInAnyOrder(slips.split(", "));
    }
}
