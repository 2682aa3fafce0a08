package pebblestep.app.progress;

import jakarta.validation.Valid;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.platform.PageOf;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.platform.Teacher;
import pebblestep.app.practice.PracticeService;
import pebblestep.app.practice.PracticeViews.TakeView;
import pebblestep.app.practice.PracticeViews.WordView;
import pebblestep.app.practice.WordService;
import pebblestep.app.progress.ProgressViews.DeskPage;
import pebblestep.app.progress.ProgressViews.KeyGrid;
import pebblestep.app.progress.ProgressViews.KeyHistory;
import pebblestep.app.progress.ProgressViews.KeyPathView;
import pebblestep.app.progress.ProgressViews.Spanning;
import pebblestep.app.progress.ProgressViews.TouchedView;
import pebblestep.app.students.StudentViews.RangeStep;
import pebblestep.app.students.StudentViews.StudentRequest;
import pebblestep.core.practice.JudgementKind;

/** What the takes say: to the teacher of all students, to a student of their own. */
@RestController
class ProgressController {
    private final DeskService desk;
    private final KeyPathService progress;
    private final PracticeService practice;
    private final WordService words;
    private final TouchedService touched;

    ProgressController(
            DeskService desk,
            KeyPathService progress,
            PracticeService practice,
            WordService words,
            TouchedService touched) {
        this.touched = touched;
        this.desk = desk;
        this.progress = progress;
        this.practice = practice;
        this.words = words;
    }

    /** Everybody, or only those with a verdict of a kind. */
    @GetMapping("/api/desk")
    DeskPage desk(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "0") int page,
            @RequestParam(required = false) @Nullable JudgementKind verdict) {
        return desk.desk(teacher.studioId(), page, verdict);
    }

    /** What of a student's work would not fit them any more, were they changed so; nothing is changed. */
    @PostMapping("/api/students/{id}/touched")
    List<TouchedView> touched(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody StudentRequest form) {
        return touched.by(teacher.studioId(), id, form);
    }

    /** The same for a range that moves by a note. */
    @PostMapping("/api/students/{id}/range/touched")
    List<TouchedView> touchedByRange(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody RangeStep step) {
        return touched.by(teacher.studioId(), id, step);
    }

    /** Lets the student play a wider or a shorter range from now on. */
    @PostMapping("/api/assignments/{id}/span")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void span(@AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody Spanning spanning) {
        if (spanning.wider()) desk.widen(teacher.studioId(), id);
        else desk.shorten(teacher.studioId(), id);
    }

    /** Students by keys. */
    @GetMapping("/api/keys")
    KeyGrid grid(@AuthenticationPrincipal Teacher teacher, @RequestParam(defaultValue = "0") int page) {
        return progress.grid(teacher.studioId(), page);
    }

    /** How it came about in one key, such as Bb major. */
    @GetMapping("/api/students/{id}/history")
    KeyHistory history(@AuthenticationPrincipal Teacher teacher, @PathVariable long id, @RequestParam String key) {
        return progress.history(teacher.studioId(), id, key);
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
