package pebblestep.app.quiz;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.practice.ProgressStore;
import pebblestep.app.quiz.QuizViews.AnswerRequest;
import pebblestep.app.quiz.QuizViews.AnsweredView;
import pebblestep.app.quiz.QuizViews.MarkView;
import pebblestep.app.quiz.QuizViews.QuestionView;
import pebblestep.app.quiz.QuizViews.QuizView;
import pebblestep.app.students.StudentService;
import pebblestep.core.passage.Player;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.practice.KeyPath;
import pebblestep.core.practice.Progress;
import pebblestep.core.quiz.Question;
import pebblestep.core.quiz.Quiz;
import pebblestep.core.quiz.Quiz.Answered;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

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
    private final Clock clock;

    QuizService(
            QuizAnswerRepository answers,
            AssignmentService assignments,
            ProgressStore progress,
            StudentService students,
            Clock clock) {
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
            history.add(new Answered(question(newest.get(i)), newest.get(i).isRight));
        }
        return new QuizView(
                given,
                Quiz.next(keys(studioId, studentId), history, QUESTIONS).stream()
                        .map(QuizService::view)
                        .toList(),
                newest.stream().limit(SHOWN).map(QuizService::answered).toList());
    }

    /** The student's keys, the one in which they have come least far first; C major for somebody without any. */
    private List<Key> keys(long studioId, long studentId) {
        Player player = students.player(studioId, studentId);
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

    private static Question question(QuizAnswerEntity entity) {
        return new Question(entity.kind, Key.of(NoteName.parse(entity.tonic), Forms.of(entity.form)));
    }

    private static QuestionView view(Question question) {
        return new QuestionView(
                question.kind(),
                question.key().tonic().id(),
                question.key().form().id(),
                question.text(),
                question.asksForNotes());
    }

    private static AnsweredView answered(QuizAnswerEntity entity) {
        return new AnsweredView(
                entity.answeredOn, question(entity).text(), entity.answer, entity.isRight, entity.inLesson);
    }

    /** Marks an answer and keeps it. */
    @Transactional
    public MarkView answer(long studioId, long studentId, AnswerRequest form, Asked asked) {
        students.get(studioId, studentId);
        Question question = new Question(form.kind(), Key.of(NoteName.parse(form.tonic()), Forms.of(form.form())));
        Question.Mark mark = question.mark(form.answer());
        QuizAnswerEntity entity = new QuizAnswerEntity();
        entity.studioId = studioId;
        entity.studentId = studentId;
        entity.kind = question.kind();
        entity.tonic = question.key().tonic().id();
        entity.form = question.key().form().id();
        entity.answer = form.answer().strip();
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
