package pebblestep.core.quiz;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.Ints;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.KeyOrder;

/** Signatures, relatives and spellings as every theory handbook's table of keys has them (common practice, no source). */
class QuestionTest {
    private static Key key(String tonic, String form) {
        return Key.of(NoteName.parse(tonic), Forms.of(form));
    }

    private static Question question(QuestionKind kind, String tonic, String form) {
        return new Question(kind, key(tonic, form));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "SPELL | B♭ | major | Spell B♭ major, from its first note. | B♭ C D E♭ F G A",
                "SPELL | C | melodic-minor | Spell C melodic minor, on the way up, from its first note. | C D E♭ F G A B",
                "SPELL | F♯ | harmonic-minor | Spell F♯ harmonic minor, from its first note. | F♯ G♯ A B C♯ D E♯",
                "RELATIVE | E♭ | major | Which key is the relative minor of E♭ major? | C minor",
                "RELATIVE | C♯ | harmonic-minor | Which key is the relative major of C♯ minor? | E major",
                "RAISED | C | harmonic-minor | Which note is raised in C harmonic minor? | B",
                "RAISED | A | melodic-minor | Which notes are raised in A melodic minor? | F♯ G♯",
                "RAISED | G♯ | harmonic-minor | Which note is raised in G♯ harmonic minor? | F♯♯",
                "SIGNATURE | E♭ | major | Which major key has three flats? | E♭ major",
                "SIGNATURE | F♯ | natural-minor | Which minor key has three sharps? | F♯ minor",
                "SIGNATURE | C | major | Which major key has no sharps and no flats? | C major",
                "SIGNATURE | G | major | Which major key has one sharp? | G major",
            })
    void it_asks_and_knows_the_answer(QuestionKind kind, String tonic, String form, String text, String answer) {
        Question question = question(kind, tonic, form);
        assertThat(question.text()).isEqualTo(text);
        assertThat(question.answer()).isEqualTo(answer);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "SPELL | B♭ | major | bb c d eb f g a | true",
                "SPELL | B♭ | major | B♭, C, D, E♭, F, G, A, B♭ | true",
                "SPELL | B♭ | major | B♭ C D E F G A | false",
                "SPELL | B♭ | major | B♭ C D E♭ F G | false",
                "SPELL | B♭ | major | B♭ C D D♯ F G A | false",
                "RAISED | A | melodic-minor | G♯ f# | true",
                "RAISED | A | melodic-minor | G♯ | false",
                "RELATIVE | E♭ | major | c | true",
                "RELATIVE | E♭ | major | C minor | true",
                "RELATIVE | E♭ | major | C major | false",
                "SIGNATURE | E♭ | major | eb Major | true",
                "SIGNATURE | E♭ | major | B♭ | false",
            })
    void it_marks_what_was_written(QuestionKind kind, String tonic, String form, String written, boolean right) {
        assertThat(question(kind, tonic, form).mark(written).right()).isEqualTo(right);
    }

    @Test
    void a_wrong_spelling_is_told_where_it_went_wrong() {
        assertThat(question(QuestionKind.SPELL, "B♭", "major")
                        .mark("B♭ C D E F G A")
                        .sentence())
                .isEqualTo("Not quite: B♭ C D E♭ F G A. Note 4 is E♭, not E.");
        assertThat(question(QuestionKind.RELATIVE, "E♭", "major").mark("C").sentence())
                .isEqualTo("Right: C minor.");
    }

    @Test
    void what_cannot_be_read_is_refused_and_what_has_no_answer_is_not_asked() {
        assertThatThrownBy(() -> question(QuestionKind.SPELL, "B♭", "major").mark("do re mi"))
                .isInstanceOf(Refusal.class)
                .hasMessage("\"do\" is no note.");
        assertThatThrownBy(() -> question(QuestionKind.SPELL, "B♭", "major").mark("  "))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> question(QuestionKind.RAISED, "B♭", "major")).isInstanceOf(Refusal.class);
        assertThat(Question.about(key("C", "chromatic"))).isEmpty();
        assertThat(Question.about(key("D", "dorian")))
                .extracting(Question::kind)
                .containsExactly(QuestionKind.SPELL);
    }

    @Samples
    void every_answer_is_marked_right_and_in_any_letter_case(
            @Ints(min = 0, max = 11) int tonic, @Ints(min = 0, max = 40) int form) {
        List<String> forms = Forms.all().stream().map(one -> one.id()).toList();
        Key key = Key.readable(KeyOrder.fourths().get(tonic), Forms.of(forms.get(form % forms.size())));
        for (Question question : Question.about(key)) {
            assertThat(question.mark(question.answer()).right())
                    .as(question.text())
                    .isTrue();
            assertThat(question.mark(question.answer().toLowerCase(Locale.ROOT)).right())
                    .isTrue();
        }
    }
}
