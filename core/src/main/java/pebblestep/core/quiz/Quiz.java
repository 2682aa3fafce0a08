package pebblestep.core.quiz;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import pebblestep.core.scale.Key;

/**
 * Which questions come next: those that a student knows least first, by what they answered so far, and at first sight those
 * of the keys in which they have come least far. The same answers always give the same questions.
 */
public final class Quiz {
    /** A key has this many questions at most in one quiz, as long as there are others. */
    private static final int MOST_OF_A_KEY = 2;

    private Quiz() {}

    /** A question that was answered; oldest first in a history. */
    public record Answered(Question question, boolean right) {}

    /**
     * The next questions.
     *
     * @param keys the student's keys, the one in which they have come least far first
     */
    public static List<Question> next(List<Key> keys, List<Answered> history, int count) {
        return next(keys, history, count, key -> List.of());
    }

    /**
     * The next questions, with those about fingers.
     *
     * @param keys the student's keys, the one in which they have come least far first
     * @param fingers what there is to ask about the fingers of a key
     */
    public static List<Question> next(
            List<Key> keys, List<Answered> history, int count, Function<Key, List<Question>> fingers) {
        Map<Question, Record> records = new HashMap<>();
        for (int i = 0; i < history.size(); i++) {
            Answered answered = history.get(i);
            int at = i;
            records.merge(
                    answered.question(), new Record(1, answered.right() ? 1 : 0, i), (so, one) -> so.plus(one, at));
        }
        List<Question> all = keys.stream()
                .distinct()
                .flatMap(key -> inTurn(Question.about(key), fingers.apply(key)).stream())
                .sorted(Comparator.<Question>comparingDouble(question ->
                                records.getOrDefault(question, Record.NONE).strength())
                        .thenComparingInt(question ->
                                records.getOrDefault(question, Record.NONE).last()))
                .toList();
        List<Question> chosen = new ArrayList<>();
        List<Question> rest = new ArrayList<>();
        for (Question question : all) {
            long ofKey = chosen.stream()
                    .filter(one -> one.key().equals(question.key()))
                    .count();
            (chosen.size() < count && ofKey < MOST_OF_A_KEY ? chosen : rest).add(question);
        }
        for (Question question : rest) {
            if (chosen.size() < count) chosen.add(question);
        }
        return List.copyOf(chosen);
    }

    /** Now one, now the other, so that both are asked. */
    private static List<Question> inTurn(List<Question> some, List<Question> others) {
        List<Question> all = new ArrayList<>();
        for (int i = 0; i < Math.max(some.size(), others.size()); i++) {
            if (i < some.size()) all.add(some.get(i));
            if (i < others.size()) all.add(others.get(i));
        }
        return all;
    }

    /** How a question was answered; {@code last} is its place in the history. */
    private record Record(int asked, int right, int last) {
        static final Record NONE = new Record(0, 0, -1);

        Record plus(Record one, int at) {
            return new Record(asked + one.asked, right + one.right, at);
        }

        /** Share of right answers, drawn to the middle where there are few (Laplace's rule of succession, 1814). */
        double strength() {
            return (right + 1.0) / (asked + 2.0);
        }
    }
}
