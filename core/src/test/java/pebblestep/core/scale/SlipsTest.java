package pebblestep.core.scale;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.NoteName;

/** Likely slips: common practice, no source. */
class SlipsTest {

    private static List<String> said(String tonic, String form) {
        return Slips.of(KeyTest.key(tonic, form)).stream()
                .map(slip -> "play " + slip.play() + ", not " + slip.not()
                        + slip.when().map(d -> " " + d.name().toLowerCase()).orElse(""))
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "B♭ | major | play E♭, not E; play A, not A♭",
                "A♭ | major | play D♭, not D; play G, not G♭",
                "D | major | play C♯, not C; play G, not G♯",
                "C | major | play F, not F♯; play B, not B♭",
                "C♭ | major | play F♭, not F",
                "C♯ | major | play B♯, not B",
                "E | natural-minor | play F♯, not F; play C, not C♯",
                "E | harmonic-minor | play F♯, not F; play C, not C♯; play D♯, not D",
                "C | harmonic-minor | play A♭, not A; play D, not D♭; play B, not B♭",
                "A | minor-pentatonic | play E, not F; play C, not B",
                "G | mixolydian | play F, not F♯; play B, not B♭",
                "C | major-triad | play E, not E♭",
                "C | minor-triad | play E♭, not E",
                "B♭ | dominant-seventh | play A♭, not A",
                "B | diminished-seventh | play A♭, not A",
                "D | whole-tone | play G♯, not G; play A♯, not A; play B♯, not B",
                "C | chromatic | ''"
            })
    void a_key_has_its_slips(String tonic, String form, String slips) {
        assertThat(String.join("; ", said(tonic, form))).isEqualTo(slips);
    }

    @Test
    void in_melodic_minor_a_slip_depends_on_the_direction() {
        assertThat(said("D", "melodic-minor"))
                .containsExactly(
                        "play E, not E♭",
                        "play B, not B♭ up",
                        "play C♯, not C up",
                        "play B♭, not B down",
                        "play C, not C♯ down");
    }

    @ParameterizedTest
    @ValueSource(strings = {"C", "G", "D", "A", "E", "B", "F♯", "C♯", "F", "B♭", "E♭", "A♭", "D♭", "G♭", "C♭"})
    void every_key_has_slips_and_none_says_to_play_a_foreign_note(String tonic) {
        for (Form form : Forms.all()) {
            Key key;
            try {
                key = Key.of(NoteName.parse(tonic), form);
            } catch (Refusal e) {
                continue;
            }
            if (!key.signature().isWritten() || form.isChromatic()) continue;
            // At seven flats a form of eight notes may play both the newest flat and its natural.
            if (form.size() <= 7) assertThat(Slips.of(key)).as("%s", key).isNotEmpty();
            assertThat(Slips.of(key)).as("%s", key).allSatisfy(slip -> {
                Direction way = slip.when().orElse(Direction.UP);
                assertThat(key.notes(way)).contains(slip.play()).doesNotContain(slip.not());
                assertThat(slip.not().alteration()).isBetween(-1, 1);
            });
        }
    }
}
