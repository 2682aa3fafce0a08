package pebblestep.core.quiz;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.FingeringChoice;
import pebblestep.core.fingering.PlayersHand;
import pebblestep.core.fingering.instruments.InstrumentHands;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.PitchRange;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.quiz.Quiz.Answered;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

class FingerQuizTest {
    private static final Key G = Key.of(NoteName.parse("G"), Forms.of("major"));

    private static Optional<FingerQuiz> of(Instrument instrument) {
        return InstrumentHands.of(instrument, PlayersHand.USUAL, FingeringChoice.NONE)
                .map(hand -> new FingerQuiz(hand, instrument.full()));
    }

    private static FingerQuiz of(String instrument) {
        return of(Instruments.of(instrument)).orElseThrow();
    }

    private static Question question(String pitch) {
        return new Question(QuestionKind.FINGER, G, Optional.of(Pitch.parse(pitch)));
    }

    static List<Instrument> instruments() {
        return Instruments.all();
    }

    @ParameterizedTest
    @MethodSource("instruments")
    void every_question_has_one_right_hand_or_more_among_those_offered_and_a_wrong_one(Instrument instrument) {
        Optional<FingerQuiz> quiz = of(instrument);
        if (quiz.isEmpty()) return;
        for (Question question : quiz.get().about(G)) {
            List<FingerQuiz.Choice> choices = quiz.get().choices(question);
            List<Boolean> marks = choices.stream()
                    .map(choice -> quiz.get().mark(question, choice.way()).right())
                    .toList();
            assertThat(marks).as("%s: %s", instrument.id(), question.text()).contains(true, false);
            assertThat(choices.stream().map(FingerQuiz.Choice::inWords).distinct())
                    .as("%s: each looks another way", question.text())
                    .hasSameSizeAs(choices);
            assertThat(choices).allSatisfy(choice -> {
                assertThat(choice.way()).hasSizeLessThanOrEqualTo(100);
                assertThat(choice.inWords()).hasSizeLessThanOrEqualTo(300);
            });
        }
    }

    /** Common practice, no source: valves, strings and the fingers of the scale of G at a keyboard (1 2 3 1 2 3 4 1). */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "trumpet; F#4; valve 2",
                "trumpet; A4; valves 1 and 2",
                "violin; F#4; D string, high 2",
                "violin; C5; A string, low 2",
                "piano; C5; right hand, thumb",
                "piano; B4; right hand, finger 3"
            })
    void the_usual_hand_is_right(String instrument, String pitch, String hand) {
        FingerQuiz quiz = instrument.equals("piano")
                ? new FingerQuiz(of(instrument).hand(), PitchRange.parse("G4-G6"))
                : of(instrument);
        Question question = question(pitch);
        String way = quiz.choices(question).stream()
                .filter(choice -> choice.inWords().equals(hand))
                .findFirst()
                .orElseThrow()
                .way();
        assertThat(quiz.mark(question, way).sentence())
                .isEqualTo("Right: " + question.pitch().orElseThrow() + " is " + hand + ".");
    }

    @Test
    void a_wrong_one_is_told_beside_the_right_one() {
        FingerQuiz quiz = of("trumpet");
        Question question = question("F#4");
        String open = quiz.choices(question).stream()
                .filter(choice -> choice.inWords().equals("no valve"))
                .findFirst()
                .orElseThrow()
                .way();
        assertThat(quiz.mark(question, open).sentence()).isEqualTo("Not quite: F♯4 is valve 2, not no valve.");
        assertThatThrownBy(() -> quiz.mark(question, "1-2-3-4-5"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("none of the fingerings");
        assertThatThrownBy(() -> quiz.choices(new Question(QuestionKind.SPELL, G)))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void fingers_come_in_turn_with_what_is_asked_of_everybody_and_the_weakest_first() {
        FingerQuiz quiz = of("oboe");
        List<Question> first = Quiz.next(List.of(G), List.of(), 4, quiz::about);
        assertThat(first)
                .extracting(Question::kind)
                .containsExactly(QuestionKind.SPELL, QuestionKind.FINGER, QuestionKind.RELATIVE, QuestionKind.FINGER);
        List<Answered> history = List.of(new Answered(first.get(0), true), new Answered(first.get(3), false));
        assertThat(Quiz.next(List.of(G), history, 4, quiz::about).getFirst()).isEqualTo(first.get(3));
    }

    @Test
    void no_fingers_are_asked_of_sticks_and_of_a_range_without_the_key() {
        assertThat(of("marimba").about(G)).isEmpty();
        assertThat(new FingerQuiz(of("oboe").hand(), PitchRange.parse("D5-F5")).about(G))
                .isEmpty();
    }

    @Test
    void a_note_belongs_to_questions_about_fingers_alone() {
        assertThatThrownBy(() -> new Question(QuestionKind.FINGER, G)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Question(QuestionKind.SPELL, G, Optional.of(Pitch.parse("G4"))))
                .isInstanceOf(Refusal.class);
    }
}
