package pebblestep.app.quiz;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import pebblestep.core.quiz.QuestionKind;

/** What the API takes and shows of the quiz. */
public final class QuizViews {
    private QuizViews() {}

    /** A question; {@code notes} says whether notes are to be written, or a key. */
    public record QuestionView(QuestionKind kind, String tonic, String form, String text, boolean notes) {}

    /** Questions, and how the last ones were answered. */
    public record QuizView(boolean given, List<QuestionView> questions, List<AnsweredView> answered) {}

    /** A question that was answered. */
    public record AnsweredView(LocalDate day, String text, String answer, boolean right, boolean inLesson) {}

    /** An answer to a question. */
    public record AnswerRequest(
            @NotNull(message = "Name the question.") QuestionKind kind,
            @NotBlank(message = "Name the key.") @Size(max = 4, message = "Write a key such as Bb.") String tonic,
            @NotBlank(message = "Name the form.") @Size(max = 40, message = "Choose a form from the list.") String form,
            @NotBlank(message = "Write an answer first.")
                    @Size(max = 100, message = "An answer has at most 100 characters.")
                    String answer) {}

    /** How an answer was marked. */
    public record MarkView(boolean right, String answer, String sentence) {}

    /** Whether a student gets the quiz as practice. */
    public record QuizGiven(@NotNull(message = "Say whether to give it.") Boolean given) {}
}
