package pebblestep.core.quiz;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import pebblestep.core.Refusal;
import pebblestep.core.Words;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Key;

/**
 * One question about a key.
 *
 * @param kind what is asked
 * @param key about which key
 * @param pitch about which note of it, as written; empty but for fingers
 */
public record Question(QuestionKind kind, Key key, Optional<Pitch> pitch) {
    /** A question about a key alone; refuses one about fingers, which needs a note. */
    public Question(QuestionKind kind, Key key) {
        this(kind, key, Optional.empty());
    }

    /**
     * How an answer is marked.
     *
     * @param answer what is right
     * @param sentence what to say about it
     */
    public record Mark(boolean right, String answer, String sentence) {}

    /** Refuses a question that the key has no answer to. */
    public Question {
        if (pitch.isPresent() != (kind == QuestionKind.FINGER) || !isOfThePlayer(kind) && !fits(kind, key))
            throw Refusal.of("question", "This cannot be asked about " + key + ".");
    }

    /** Everything that can be asked about a key, whoever plays it. */
    public static List<Question> about(Key key) {
        List<Question> questions = new ArrayList<>();
        for (QuestionKind kind : QuestionKind.values()) {
            if (fits(kind, key)) questions.add(new Question(kind, key));
        }
        return questions;
    }

    private static boolean fits(QuestionKind kind, Key key) {
        return switch (kind) {
            case SPELL -> !key.form().isChromatic();
            case RELATIVE -> isPlain(key) && key.relative().isPresent();
            case RAISED -> !raised(key).isEmpty();
            case SIGNATURE -> isPlain(key) && key.signature().isWritten();
            case FINGER, SYLLABLES -> false;
        };
    }

    /** Whether it depends on who is asked: on their hand, or on which note is do in their studio. */
    private static boolean isOfThePlayer(QuestionKind kind) {
        return kind == QuestionKind.FINGER || kind == QuestionKind.SYLLABLES;
    }

    /** Major and the minors: what signatures are named after. */
    private static boolean isPlain(Key key) {
        return key.form().id().equals("major") || key.form().id().endsWith("-minor");
    }

    /** Notes of a minor form that lie above what its signature gives them, on the way up. */
    private static List<NoteName> raised(Key key) {
        if (!key.form().id().endsWith("-minor") || !key.signature().isWritten()) return List.of();
        return key.notes(Direction.UP).stream()
                .filter(note -> note.alteration() > key.signature().alterationOf(note.letter()))
                .toList();
    }

    /** The question, as it is asked. */
    public String text() {
        return switch (kind) {
            case SPELL ->
                "Spell " + key + (key.form().sameBothWays() ? "" : ", on the way up") + ", from its first note.";
            case RELATIVE ->
                key.form().isMajorSide()
                        ? "Which key is the relative minor of " + key + "?"
                        : "Which key is the relative major of " + key.tonic() + " minor?";
            case RAISED -> "Which " + (raised(key).size() == 1 ? "note is" : "notes are") + " raised in " + key + "?";
            case SIGNATURE ->
                "Which " + (key.form().isMajorSide() ? "major" : "minor") + " key has " + signature() + "?";
            case SYLLABLES -> "Sing " + key + " on syllables, going up from its first note.";
            case FINGER -> "How is " + pitch.orElseThrow() + " played in " + key + "?";
        };
    }

    private String signature() {
        int count = key.signature().accidentals();
        if (count == 0) return "no sharps and no flats";
        return Words.spelled(count, key.signature().fifths() > 0 ? "sharp" : "flat");
    }

    /** What is to be written: notes, or a key. */
    public boolean asksForNotes() {
        return kind == QuestionKind.SPELL || kind == QuestionKind.RAISED;
    }

    /** The right answer: {@code Bb C D Eb F G A}, {@code C minor}; of fingers and syllables {@link FingerQuiz} and {@link SolFaQuiz} know it. */
    public String answer() {
        return switch (kind) {
            case SPELL -> said(key.notes(Direction.UP));
            case RAISED -> said(raised(key));
            case RELATIVE -> named(key.relative().orElseThrow());
            case SIGNATURE -> named(key);
            case FINGER, SYLLABLES -> throw new IllegalStateException("This is marked by who is asked.");
        };
    }

    private static String said(List<NoteName> notes) {
        return notes.stream().map(NoteName::toString).collect(Collectors.joining(" "));
    }

    private static String named(Key key) {
        return key.tonic() + (key.form().isMajorSide() ? " major" : " minor");
    }

    /**
     * Marks an answer. Notes are written with spaces or commas between, in any letter case; spelling a key may end on its
     * first note again, and raised notes may come in any order. A key may be named by its tonic alone. Refuses what cannot
     * be read.
     */
    public Mark mark(String text) {
        boolean right = asksForNotes() ? marksNotes(notes(text)) : marksKey(text);
        String sentence = right
                ? "Right: " + answer() + "."
                : "Not quite: " + answer() + "."
                        + firstMiss(text).map(miss -> " " + miss).orElse("");
        return new Mark(right, answer(), sentence);
    }

    private boolean marksNotes(List<NoteName> given) {
        if (kind == QuestionKind.RAISED) return Set.copyOf(given).equals(Set.copyOf(raised(key)));
        List<NoteName> asked = key.notes(Direction.UP);
        boolean again =
                given.size() == asked.size() + 1 && given.get(asked.size()).equals(given.get(0));
        return asked.equals(again ? given.subList(0, asked.size()) : given);
    }

    /** The first note of a spelling that is another one. */
    private Optional<String> firstMiss(String text) {
        if (kind != QuestionKind.SPELL) return Optional.empty();
        List<NoteName> given = notes(text);
        List<NoteName> asked = key.notes(Direction.UP);
        return IntStream.range(0, Math.min(given.size(), asked.size()))
                .filter(i -> !given.get(i).equals(asked.get(i)))
                .mapToObj(i -> "Note " + (i + 1) + " is " + asked.get(i) + ", not " + given.get(i) + ".")
                .findFirst();
    }

    private boolean marksKey(String text) {
        String[] words = text.strip().split("\\s+", 2);
        String right = answer();
        NoteName tonic = note(words[0]);
        if (words.length == 2 && !words[1].strip().equalsIgnoreCase(right.split(" ")[1])) return false;
        return tonic.equals(NoteName.parse(right.split(" ")[0]));
    }

    private static List<NoteName> notes(String text) {
        List<NoteName> notes = new ArrayList<>();
        for (String word : text.strip().split("[\\s,]+")) notes.add(note(word));
        return notes;
    }

    private static NoteName note(String word) {
        if (word.isEmpty()) throw Refusal.of("answer", "Write an answer first.");
        try {
            return NoteName.parse(Words.capital(word));
        } catch (Refusal e) {
            throw Refusal.of("answer", "\"" + word + "\" is no note.")
                    .fits("Write notes such as B♭ C D (or Bb C D), or F♯ G.");
        }
    }
}
