package pebblestep.core.quiz;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.quiz.Quiz.Answered;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

class QuizTest {
    private static final Key DB = Key.of(NoteName.parse("D♭"), Forms.of("major"));
    private static final Key C = Key.of(NoteName.parse("C"), Forms.of("major"));
    private static final Key G = Key.of(NoteName.parse("G"), Forms.of("major"));

    private static List<String> keys(List<Question> questions) {
        return questions.stream()
                .map(question -> question.key().tonic().toString())
                .toList();
    }

    @Test
    void at_first_it_asks_about_the_keys_that_have_come_least_far_two_of_each() {
        assertThat(keys(Quiz.next(List.of(DB, G, C), List.of(), 5))).containsExactly("D♭", "D♭", "G", "G", "C");
        assertThat(keys(Quiz.next(List.of(DB), List.of(), 5)))
                .as("no more than there are")
                .hasSize(3);
        assertThat(Quiz.next(List.of(), List.of(), 5)).isEmpty();
    }

    @Test
    void what_was_wrong_comes_first_and_what_was_right_comes_last() {
        List<Question> all = Question.about(G);
        List<Answered> history = new ArrayList<>();
        for (Question question : Question.about(DB)) history.add(new Answered(question, true));
        history.add(new Answered(all.get(1), false));
        assertThat(Quiz.next(List.of(DB, G), history, 5).subList(0, 2)).containsExactly(all.get(1), all.get(0));
        assertThat(keys(Quiz.next(List.of(DB, G), history, 5))).containsExactly("G", "G", "D♭", "D♭", "G");
    }

    @Test
    void of_equals_the_one_asked_longest_ago_comes_first() {
        List<Question> three = Question.about(G);
        List<Answered> history = List.of(
                new Answered(three.get(2), true), new Answered(three.get(0), true), new Answered(three.get(1), true));
        assertThat(Quiz.next(List.of(G), history, 3)).containsExactly(three.get(2), three.get(0), three.get(1));
    }
}
