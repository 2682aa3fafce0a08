package pebblestep.app.progress;

import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.platform.PageOf;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.platform.Teacher;
import pebblestep.app.practice.PracticeService;
import pebblestep.app.practice.PracticeViews.TakeView;
import pebblestep.app.practice.PracticeViews.WordView;
import pebblestep.app.practice.WordService;
import pebblestep.app.progress.ProgressViews.DeskLine;
import pebblestep.app.progress.ProgressViews.KeyPathView;

/** What the takes say: to the teacher of all students, to a student of their own. */
@RestController
class ProgressController {
    private final ProgressService progress;
    private final PracticeService practice;
    private final WordService words;

    ProgressController(ProgressService progress, PracticeService practice, WordService words) {
        this.progress = progress;
        this.practice = practice;
        this.words = words;
    }

    @GetMapping("/api/desk")
    PageOf<DeskLine> desk(@AuthenticationPrincipal Teacher teacher, @RequestParam(defaultValue = "0") int page) {
        return progress.desk(teacher.studioId(), page);
    }

    @GetMapping("/api/students/{id}/key-path")
    KeyPathView keyPath(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return progress.keyPath(teacher.studioId(), id);
    }

    @GetMapping("/api/students/{id}/takes")
    PageOf<TakeView> takes(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable long id,
            @RequestParam(defaultValue = "0") int page) {
        return practice.log(teacher.studioId(), id, page);
    }

    /** What a student wrote to the teacher, newest first. */
    @GetMapping("/api/students/{id}/words")
    PageOf<WordView> words(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable long id,
            @RequestParam(defaultValue = "0") int page) {
        return words.list(teacher.studioId(), id, page);
    }

    @GetMapping("/api/practice/key-path")
    KeyPathView ownKeyPath(@AuthenticationPrincipal PracticeVisitor visitor) {
        return progress.keyPath(visitor.studioId(), visitor.studentId());
    }
}
