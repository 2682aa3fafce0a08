package pebblestep.core.quiz;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Syllables;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

/** Syllables from memory of standard tables. */
class SolFaQuizTest {
    private static Question question(String tonic, String form) {
        return new Question(QuestionKind.SYLLABLES, Key.of(NoteName.parse(tonic), Forms.of(form)));
    }

    @ParameterizedTest
    @CsvSource({
        "TONIC, G, major, do re mi fa so la ti, true",
        "TONIC, G, major, Do Re Mi Fa So La Ti Do, true",
        "TONIC, A, harmonic-minor, 'do, re, me, fa, so, le, ti', true",
        "RELATIVE, A, harmonic-minor, la ti do re mi fa si, true",
        "RELATIVE, A, harmonic-minor, la ti do re mi fa so, false",
        "FIXED, D, major, re mi fi so la ti di, true",
        "FIXED, D, major, do re mi fa so la ti, false",
        "TONIC, G, major, do re mi, false"
    })
    void syllables_are_marked_by_the_school(Syllables school, String tonic, String form, String text, boolean right) {
        assertThat(new SolFaQuiz(school).mark(question(tonic, form), text).right())
                .isEqualTo(right);
    }

    @Test
    void the_right_ones_are_told() {
        assertThat(new SolFaQuiz(Syllables.RELATIVE)
                        .mark(question("D", "dorian"), "do")
                        .sentence())
                .isEqualTo("Not quite: re mi fa so la ti do.");
        assertThatThrownBy(() -> new SolFaQuiz(Syllables.TONIC).mark(question("C", "major"), "  "))
                .isInstanceOf(Refusal.class);
        assertThat(new SolFaQuiz(Syllables.TONIC).about(Key.of(NoteName.parse("C"), Forms.of("chromatic"))))
                .isEmpty();
        assertThat(question("C", "major").text()).isEqualTo("Sing C major on syllables, going up from its first note.");
    }
}
