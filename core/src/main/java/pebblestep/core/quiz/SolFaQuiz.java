package pebblestep.core.quiz;

import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Syllables;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.SolFa;

/**
 * Questions about the syllables of a key, for whoever sings.
 *
 * @param school which note is do
 */
public record SolFaQuiz(Syllables school) {
    /** The question about a key; none about one of twelve notes. */
    public List<Question> about(Key key) {
        return key.form().isChromatic() ? List.of() : List.of(new Question(QuestionKind.SYLLABLES, key));
    }

    /** The syllables of a key going up, from its first note. */
    public List<String> syllables(Key key) {
        List<NoteName> names = key.notes(Direction.UP);
        return IntStream.range(0, names.size())
                .mapToObj(i -> SolFa.of(key.form().ascending().get(i), names.get(i), key.form(), school))
                .toList();
    }

    /**
     * Marks syllables with spaces or commas between, in any letter case; the first may come again at the end. Refuses an answer
     * without any.
     */
    public Question.Mark mark(Question question, String text) {
        List<String> asked = syllables(question.key());
        List<String> given = List.of(text.strip().toLowerCase(Locale.ROOT).split("[\\s,]+"));
        if (given.getFirst().isEmpty()) throw Refusal.of("answer", "Write an answer first.");
        boolean again = given.size() == asked.size() + 1 && given.getLast().equals(asked.getFirst());
        boolean right = asked.equals(again ? given.subList(0, asked.size()) : given);
        String answer = String.join(" ", asked);
        return new Question.Mark(right, answer, (right ? "Right: " : "Not quite: ") + answer + ".");
    }
}
