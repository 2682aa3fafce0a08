package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static pebblestep.core.practice.ReviewsTest.MONDAY;
import static pebblestep.core.practice.ReviewsTest.learnedThen;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.KeyOrder;

/** What was learned and is not kept up fades on the key path, and says by how much. */
class FadingTest {

    private static KeyPath.FormProgress form(String takes, int day) {
        List<Progress> works = List.of(Progress.of(learnedThen(takes)));
        return KeyPath.of(KeyOrder.fourths(), works, MONDAY.plusDays(day), Speech.USUAL).stones().stream()
                .flatMap(stone -> stone.forms().stream())
                .findFirst()
                .orElseThrow();
    }

    /** On the day it is due it is not late yet; a failed review fades it at once, and the next clean one keeps it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'' | 1 | false",
                "'' | 2 | true",
                "1c | 3 | false",
                "1c | 4 | true",
                "1c 3s | 3 | true",
                "1c 3s 4c | 5 | false",
                "1c 3c 7c 15c 31c | 47 | false",
                "1c 3c 7c 15c 31c | 48 | true"
            })
    void it_fades_from_the_day_after_its_review_was_due(String takes, int day, boolean fades) {
        assertThat(form(takes, day).isFading(MONDAY.plusDays(day))).isEqualTo(fades);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'' | 2 | Fading: review due for 1 day, 2 days since clean.",
                "1c | 9 | Fading: review due for 6 days, 8 days since clean.",
                "1c 3s | 3 | Fading: the last review was not clean, 2 days since clean.",
                "1c 3s 4s | 4 | Fading: 2 reviews were not clean, 3 days since clean.",
                "1s | 1 | Fading: the last review was not clean, 1 day since clean."
            })
    void it_says_by_how_much(String takes, int day, String sentence) {
        Reviews reviews = Reviews.of(learnedThen(takes)).orElseThrow();
        assertThat(reviews.fading(MONDAY.plusDays(day))).isEqualTo(sentence);
    }

    @Test
    void several_pieces_in_one_form_are_one_pebble_with_the_one_that_comes_back_next() {
        Progress early = Progress.of(learnedThen("1c"));
        Progress late = Progress.of(learnedThen("1c 3c 7c"));
        KeyPath path = KeyPath.of(KeyOrder.fourths(), List.of(late, early), MONDAY.plusDays(8), Speech.USUAL);
        KeyPath.FormProgress form = path.stones().stream()
                .flatMap(stone -> stone.forms().stream())
                .findFirst()
                .orElseThrow();
        assertThat(form.takes()).isEqualTo(early.takes() + late.takes());
        assertThat(form.reviews()).isEqualTo(early.reviews());
        assertThat(form.rings()).isEqualTo(KeyPath.MOST_RINGS);
    }

    @ParameterizedTest
    @CsvSource({
        "D♭, major, D♭ major",
        "C♯, major, D♭ major",
        "G♭, major, G♭ major",
        "F♯, major, F♯ major",
        "D♭, natural-minor, C♯ natural minor",
        "G♯, natural-minor, G♯ natural minor",
        "G♭, harmonic-minor, F♯ harmonic minor",
        "F♭, lydian, E lydian"
    })
    void a_key_is_spelled_so_that_it_reads_best(String tonic, String form, String key) {
        assertThat(Key.readable(NoteName.parse(tonic), Forms.of(form))).hasToString(key);
    }
}
