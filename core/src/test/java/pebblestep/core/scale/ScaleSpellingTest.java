package pebblestep.core.scale;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.NoteName;

/**
 * Spellings against an outside reference: the npm package {@code tonal} 6.5.0, through the fixture that {@code
 * fixtures/scale-spellings.mjs} wrote.
 */
class ScaleSpellingTest {
    private static final Pattern TRIPLE = Pattern.compile("###|bbb");

    static Stream<List<String>> spellings() throws IOException {
        try (InputStream in = ScaleSpellingTest.class.getResourceAsStream("/fixtures/scale-spellings.tsv")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines().map(line -> List.of(line.split("\t"))).toList().stream();
        }
    }

    /** The reference goes up only; these two come down with notes of the natural minor on the same tonic. */
    private static String comingDown(List<String> row) throws IOException {
        return spellings()
                .filter(other -> List.of("melodic-minor", "major-eight-note").contains(row.get(0))
                        && other.get(0).equals("natural-minor"))
                .filter(other -> other.get(1).equals(row.get(1)))
                .map(other -> other.get(2))
                .findFirst()
                .orElse("");
    }

    @Test
    void the_fixture_covers_every_form_on_every_tonic() throws IOException {
        assertThat(spellings().map(row -> row.get(0)).distinct())
                .containsExactlyInAnyOrderElementsOf(
                        Forms.all().stream().map(Form::id).toList());
        assertThat(spellings()).hasSize(Forms.all().size() * 7 * 5);
    }

    @ParameterizedTest
    @MethodSource("spellings")
    void every_scale_is_spelled_as_the_reference_spells_it(List<String> row) throws IOException {
        NoteName tonic = NoteName.parse(row.get(1));
        Form form = Forms.of(row.get(0));
        // Nobody starts a chromatic scale on a double sign; it may be refused.
        if (form.isChromatic() && Math.abs(tonic.alteration()) == 2) return;
        if (!form.isChromatic() && TRIPLE.matcher(row.get(2) + comingDown(row)).find()) {
            assertThatThrownBy(() -> Key.of(tonic, form)).isInstanceOf(Refusal.class);
            return;
        }
        Key key = Key.of(tonic, form);
        if (form.isChromatic()) {
            // The reference spells by interval; a player reads simpler names. The sounds must agree.
            assertThat(key.notes(Direction.UP).stream()
                            .map(NoteName::pitchClass)
                            .toList())
                    .isEqualTo(Stream.of(row.get(2).split(" "))
                            .map(name -> NoteName.parse(name).pitchClass())
                            .toList());
            return;
        }
        assertThat(key.notes(Direction.UP).stream().map(NoteName::id).toList())
                .containsExactly(row.get(2).split(" "));
    }
}
