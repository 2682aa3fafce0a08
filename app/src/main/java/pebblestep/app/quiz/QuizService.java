package pebblestep.app.quiz;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.practice.ProgressStore;
import pebblestep.app.quiz.QuizViews.AnswerRequest;
import pebblestep.app.quiz.QuizViews.AnsweredView;
import pebblestep.app.quiz.QuizViews.HandChoice;
import pebblestep.app.quiz.QuizViews.MarkView;
import pebblestep.app.quiz.QuizViews.QuestionView;
import pebblestep.app.quiz.QuizViews.QuizView;
import pebblestep.app.students.StudentService;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Player;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.practice.KeyPath;
import pebblestep.core.practice.Progress;
import pebblestep.core.quiz.FingerQuiz;
import pebblestep.core.quiz.Question;
import pebblestep.core.quiz.QuestionKind;
import pebblestep.core.quiz.Quiz;
import pebblestep.core.quiz.Quiz.Answered;
import pebblestep.core.quiz.SolFaQuiz;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.documents.LookDocument;
import pebblestep.documents.NeckDocument;

/** Asks students about their keys, marks what they answer and keeps it. */
@Service
public class QuizService {
    private static final int QUESTIONS = 5;
    private static final int SHOWN = 12;

    /** Enough to tell what somebody knows. */
    private static final int MOST_LOOKED_BACK = 400;

    private final QuizAnswerRepository answers;
    private final AssignmentService assignments;
    private final ProgressStore progress;
    private final StudentService students;
    private final SettingsService settings;
    private final Clock clock;

    QuizService(
            QuizAnswerRepository answers,
            AssignmentService assignments,
            ProgressStore progress,
            StudentService students,
            SettingsService settings,
            Clock clock) {
        this.settings = settings;
        this.answers = answers;
        this.assignments = assignments;
        this.progress = progress;
        this.students = students;
        this.clock = clock;
    }

    /** The next questions for a student, weakest first, and the last answers, newest first. */
    @Transactional(readOnly = true)
    public QuizView next(long studioId, long studentId) {
        boolean given = students.quizGiven(studioId, studentId);
        List<QuizAnswerEntity> newest =
                answers.findByStudioIdAndStudentIdOrderByIdDesc(studioId, studentId, Limit.of(MOST_LOOKED_BACK));
        List<Answered> history = new ArrayList<>();
        for (int i = newest.size() - 1; i >= 0; i--) {
            boolean right = newest.get(i).isRight;
            asked(newest.get(i)).ifPresent(question -> history.add(new Answered(question, right)));
        }
        Player player = students.player(studioId, studentId);
        Optional<FingerQuiz> fingers = fingers(player);
        return new QuizView(
                given,
                Quiz.next(keys(studioId, studentId, player), history, QUESTIONS, key -> fingers.map(
                                        one -> one.about(key))
                                .orElseGet(() -> solFa(studioId).about(key)))
                        .stream()
                        .map(question -> view(question, fingers.orElse(null)))
                        .toList(),
                newest.stream()
                        .filter(one -> asked(one).isPresent())
                        .limit(SHOWN)
                        .map(QuizService::answered)
                        .toList(),
                fingers.map(FingerQuiz::hand).map(NeckDocument::of).orElse(null));
    }

    /** The syllables as this studio sings them. */
    private SolFaQuiz solFa(long studioId) {
        return new SolFaQuiz(settings.of(studioId).speech().syllables());
    }

    /** The fingers of a player, as they can and want to play; empty where none are known. */
    private static Optional<FingerQuiz> fingers(Player player) {
        return player.played().map(hand -> new FingerQuiz(hand, player.range()));
    }

    /** The student's keys, the one in which they have come least far first; C major for somebody without any. */
    private List<Key> keys(long studioId, long studentId, Player player) {
        LocalDate today = LocalDate.now(clock);
        List<Key> keys = progress.of(assignments.all(studioId, studentId), Map.of(studentId, player)).values().stream()
                .sorted(Comparator.comparingInt(
                                (Progress one) -> KeyPath.rings(one.standing().on(today)))
                        .thenComparing(one -> one.key().toString()))
                .map(Progress::key)
                .distinct()
                .toList();
        return keys.isEmpty() ? List.of(Key.of(NoteName.parse("C"), Forms.of("major"))) : keys;
    }

    /** What was asked; empty where an archive has brought something that cannot be. */
    private static Optional<Question> asked(QuizAnswerEntity entity) {
        try {
            return Optional.of(question(entity));
        } catch (Refusal e) {
            return Optional.empty();
        }
    }

    private static Question question(QuizAnswerEntity entity) {
        return question(entity.kind, entity.tonic, entity.form, entity.pitch);
    }

    /** A question by its parts; refuses a note that cannot be read, and one for a question that asks for none. */
    private static Question question(QuestionKind kind, String tonic, String form, @Nullable String pitch) {
        return new Question(
                kind,
                Key.of(NoteName.parse(tonic), Forms.of(form)),
                Optional.ofNullable(pitch).map(Pitch::parse));
    }

    private static QuestionView view(Question question, @Nullable FingerQuiz fingers) {
        return new QuestionView(
                question.kind(),
                question.key().tonic().id(),
                question.key().form().id(),
                question.pitch().map(Pitch::id).orElse(null),
                fingers == null ? question.text() : fingers.text(question),
                question.asksForNotes(),
                question.pitch().isEmpty() || fingers == null
                        ? List.of()
                        : fingers.choices(question).stream()
                                .map(choice -> new HandChoice(choice.way(), LookDocument.of(choice.shape())))
                                .toList());
    }

    private static AnsweredView answered(QuizAnswerEntity entity) {
        return new AnsweredView(
                entity.answeredOn, question(entity).text(), entity.answer, entity.isRight, entity.inLesson);
    }

    /** Marks an answer and keeps it. */
    @Transactional
    public MarkView answer(long studioId, long studentId, AnswerRequest form, Asked asked) {
        students.get(studioId, studentId);
        Question question = question(form.kind(), form.tonic(), form.form(), form.pitch());
        String said = form.answer().strip();
        Question.Mark mark;
        if (question.pitch().isPresent()) {
            FingerQuiz fingers = fingers(students.player(studioId, studentId))
                    .orElseThrow(() -> Refusal.of("kind", "No fingers are known of this instrument."));
            mark = fingers.mark(question, said);
            said = fingers.chosen(question, said).inWords();
        } else if (question.kind() == QuestionKind.SYLLABLES) {
            mark = solFa(studioId).mark(question, said);
        } else mark = question.mark(said);
        QuizAnswerEntity entity = new QuizAnswerEntity();
        entity.studioId = studioId;
        entity.studentId = studentId;
        entity.kind = question.kind();
        entity.tonic = question.key().tonic().id();
        entity.form = question.key().form().id();
        entity.pitch = question.pitch().map(Pitch::id).orElse(null);
        entity.answer = said;
        entity.isRight = mark.right();
        entity.inLesson = asked == Asked.IN_LESSON;
        entity.answeredAt = clock.instant();
        entity.answeredOn = LocalDate.now(clock);
        answers.save(entity);
        return new MarkView(mark.right(), mark.answer(), mark.sentence());
    }

    /** Gives a student the quiz as practice, or takes it back. */
    @Transactional
    public QuizView give(long studioId, long studentId) {
        students.giveQuiz(studioId, studentId);
        return next(studioId, studentId);
    }

    /** The student finds no quiz in the practice room any more. */
    @Transactional
    public QuizView take(long studioId, long studentId) {
        students.takeQuiz(studioId, studentId);
        return next(studioId, studentId);
    }
}
