package pebblestep.app.quiz;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.quiz.QuestionKind;
import pebblestep.documents.LookDocument;
import pebblestep.documents.NeckDocument;

/** What the API takes and shows of the quiz. */
public final class QuizViews {
    private QuizViews() {}

    /**
     * A question.
     *
     * @param pitch the written note whose fingers are asked for; absent for other questions
     * @param notes whether notes are to be written, or a key
     * @param choices the hands to choose from; empty where something is to be written
     */
    public record QuestionView(
            QuestionKind kind,
            String tonic,
            String form,
            @Nullable String pitch,
            String text,
            boolean notes,
            List<HandChoice> choices) {}

    /** A hand to choose; {@code way} is the answer that it stands for. */
    public record HandChoice(String way, LookDocument look) {}

    /**
     * Questions, and how the last ones were answered.
     *
     * @param neck for hands on strings; absent where there are none
     */
    public record QuizView(
            boolean given, List<QuestionView> questions, List<AnsweredView> answered, @Nullable NeckDocument neck) {}

    /** A question that was answered. */
    public record AnsweredView(LocalDate day, String text, String answer, boolean right, boolean inLesson) {}

    /** An answer to a question. */
    public record AnswerRequest(
            @NotNull(message = "Name the question.") QuestionKind kind,
            @NotBlank(message = "Name the key.") @Size(max = 4, message = "Write a key such as Bb.") String tonic,
            @NotBlank(message = "Name the form.") @Size(max = 40, message = "Choose a form from the list.") String form,
            @Nullable @Size(max = 6, message = "Write a pitch such as F#4.") String pitch,
            @NotBlank(message = "Write an answer first.")
                    @Size(max = 100, message = "An answer has at most 100 characters.")
                    String answer) {}

    /** How an answer was marked. */
    public record MarkView(boolean right, String answer, String sentence) {}

    /** Whether a student gets the quiz as practice. */
    public record QuizGiven(@NotNull(message = "Say whether to give it.") Boolean given) {}
}
