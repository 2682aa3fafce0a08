package pebblestep.app.quiz;

import jakarta.validation.Valid;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.platform.Teacher;
import pebblestep.app.quiz.QuizViews.AnswerRequest;
import pebblestep.app.quiz.QuizViews.MarkView;
import pebblestep.app.quiz.QuizViews.QuizGiven;
import pebblestep.app.quiz.QuizViews.QuizView;

/** The quiz: by the teacher in a lesson, or by the student as practice. */
@RestController
class QuizController {
    private final QuizService quiz;

    QuizController(QuizService quiz) {
        this.quiz = quiz;
    }

    @GetMapping("/api/students/{id}/quiz")
    QuizView next(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return quiz.next(teacher.studioId(), id);
    }

    @PostMapping("/api/students/{id}/quiz/answers")
    MarkView answer(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody AnswerRequest form) {
        return quiz.answer(teacher.studioId(), id, form, Asked.IN_LESSON);
    }

    /** Gives the quiz as practice, or takes it back. */
    @PutMapping("/api/students/{id}/quiz")
    QuizView give(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody QuizGiven given) {
        return given.given() ? quiz.give(teacher.studioId(), id) : quiz.take(teacher.studioId(), id);
    }

    @GetMapping("/api/practice/quiz")
    QuizView own(@AuthenticationPrincipal PracticeVisitor visitor) {
        return quiz.next(visitor.studioId(), visitor.studentId());
    }

    @PostMapping("/api/practice/quiz/answers")
    MarkView ownAnswer(@AuthenticationPrincipal PracticeVisitor visitor, @Valid @RequestBody AnswerRequest form) {
        return quiz.answer(visitor.studioId(), visitor.studentId(), form, Asked.IN_ROOM);
    }
}
