package pebblestep.core.quiz;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

/**
 * The table of the fifteen major keys that can be written with a signature, each with its relative minor, and the raised
 * notes of that minor: as it stands in handbooks of theory (common practice, no source), written out by hand.
 */
class HandbookKeysTest {
    private static Key key(String tonic, String form) {
        return Key.of(NoteName.parse(tonic), Forms.of(form));
    }

    /** Major key; its notes; how its signature is asked for; relative minor; raised in harmonic minor; in melodic minor. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "C  | C D E F G A B          | no sharps and no flats | A  | G♯  | F♯ G♯",
                "G  | G A B C D E F♯         | one sharp    | E  | D♯  | C♯ D♯",
                "D  | D E F♯ G A B C♯        | two sharps   | B  | A♯  | G♯ A♯",
                "A  | A B C♯ D E F♯ G♯       | three sharps | F♯ | E♯  | D♯ E♯",
                "E  | E F♯ G♯ A B C♯ D♯      | four sharps  | C♯ | B♯  | A♯ B♯",
                "B  | B C♯ D♯ E F♯ G♯ A♯     | five sharps  | G♯ | F♯♯ | E♯ F♯♯",
                "F♯ | F♯ G♯ A♯ B C♯ D♯ E♯    | six sharps   | D♯ | C♯♯ | B♯ C♯♯",
                "C♯ | C♯ D♯ E♯ F♯ G♯ A♯ B♯   | seven sharps | A♯ | G♯♯ | F♯♯ G♯♯",
                "F  | F G A B♭ C D E         | one flat     | D  | C♯  | B C♯",
                "B♭ | B♭ C D E♭ F G A        | two flats    | G  | F♯  | E F♯",
                "E♭ | E♭ F G A♭ B♭ C D       | three flats  | C  | B   | A B",
                "A♭ | A♭ B♭ C D♭ E♭ F G      | four flats   | F  | E   | D E",
                "D♭ | D♭ E♭ F G♭ A♭ B♭ C     | five flats   | B♭ | A   | G A",
                "G♭ | G♭ A♭ B♭ C♭ D♭ E♭ F    | six flats    | E♭ | D   | C D",
                "C♭ | C♭ D♭ E♭ F♭ G♭ A♭ B♭   | seven flats  | A♭ | G   | F G"
            })
    void every_question_about_every_key_has_the_answer_of_the_table(
            String tonic, String notes, String signature, String relative, String harmonic, String melodic) {
        Key major = key(tonic, "major");
        assertThat(new Question(QuestionKind.SPELL, major).answer()).isEqualTo(notes);
        assertThat(new Question(QuestionKind.SIGNATURE, major).text())
                .isEqualTo("Which major key has " + signature + "?");
        assertThat(new Question(QuestionKind.SIGNATURE, major).answer()).isEqualTo(tonic + " major");
        assertThat(new Question(QuestionKind.RELATIVE, major).answer()).isEqualTo(relative + " minor");
        Key natural = key(relative, "natural-minor");
        assertThat(new Question(QuestionKind.RELATIVE, natural).answer()).isEqualTo(tonic + " major");
        assertThat(new Question(QuestionKind.SIGNATURE, natural).text())
                .isEqualTo("Which minor key has " + signature + "?");
        assertThat(new Question(QuestionKind.RAISED, key(relative, "harmonic-minor")).answer())
                .isEqualTo(harmonic);
        assertThat(new Question(QuestionKind.RAISED, key(relative, "melodic-minor")).answer())
                .isEqualTo(melodic);
    }

    @Test
    void no_two_questions_of_a_kind_have_the_same_words() {
        Set<String> texts = new HashSet<>();
        for (String tonic :
                List.of("C", "G", "D", "A", "E", "B", "F♯", "C♯", "F", "B♭", "E♭", "A♭", "D♭", "G♭", "C♭")) {
            for (Question question : Question.about(key(tonic, "major"))) {
                assertThat(texts.add(question.text())).as(question.text()).isTrue();
            }
        }
        assertThat(texts).hasSize(45);
    }
}
