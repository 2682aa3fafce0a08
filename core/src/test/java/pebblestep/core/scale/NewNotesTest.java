package pebblestep.core.scale;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is new and what is awkward in a key: common practice, no source. */
class NewNotesTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "F | major | C | major | B♭ for B",
                "D♭ | major | A♭ | major | G♭ for G",
                "A | harmonic-minor | C | major | G♯ for G",
                "A | melodic-minor | A | harmonic-minor | F♯ for F, G for G♯",
                "E | major | G | major | G♯ for G, C♯ for C, D♯ for D",
                "C | major-pentatonic | C | major | ''",
                "C | major | C | major-pentatonic | F, B",
                "G♭ | major | F♯ | major | ''"
            })
    void a_key_has_its_new_notes(String tonic, String form, String oldTonic, String oldForm, String fresh) {
        String said = NewNotes.of(KeyTest.key(tonic, form), KeyTest.key(oldTonic, oldForm)).stream()
                .map(one -> one.note() + one.was().map(was -> " for " + was).orElse(""))
                .collect(Collectors.joining(", "));
        assertThat(said).isEqualTo(fresh);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "A | harmonic-minor | F G♯ an augmented second apart",
                "C | harmonic-minor | A♭ B an augmented second apart",
                "B♭ | major | D E♭ the half step at E♭",
                "D | major | C♯ D the half step at C♯",
                "C | major | E F a half step; B C a half step",
                "C | major-triad | ''",
                "C | whole-tone | ''"
            })
    void a_key_has_its_awkward_pairs(String tonic, String form, String pairs) {
        String said = AwkwardPairs.of(KeyTest.key(tonic, form)).stream()
                .map(pair -> pair.lower() + " " + pair.upper() + " " + pair.why())
                .collect(Collectors.joining("; "));
        assertThat(said).isEqualTo(pairs);
    }

    /** Sharps going up and flats coming down, never a double sign or Cb for B: common practice, no source. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "C | UP | C C♯ D D♯ E F F♯ G G♯ A A♯ B",
                "C | DOWN | C D♭ D E♭ E F G♭ G A♭ A B♭ B",
                "E♭ | UP | E♭ E F F♯ G A♭ A B♭ B C C♯ D",
                "G♭ | DOWN | G♭ G A♭ A B♭ C♭ C D♭ D E♭ E F",
                "E | UP | E F F♯ G G♯ A A♯ B C C♯ D D♯"
            })
    void a_chromatic_scale_is_spelled_as_it_is_read(String tonic, Direction way, String notes) {
        assertThat(KeyTest.key(tonic, "chromatic").notes(way).toString().replaceAll("[\\[\\],]", ""))
                .isEqualTo(notes);
    }
}
