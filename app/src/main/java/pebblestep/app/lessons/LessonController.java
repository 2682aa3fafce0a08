package pebblestep.app.lessons;

import jakarta.validation.Valid;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.lessons.LessonViews.LessonCard;
import pebblestep.app.lessons.LessonViews.NoteRequest;
import pebblestep.app.lessons.LessonViews.NoteView;
import pebblestep.app.lessons.LessonViews.ReportView;
import pebblestep.app.platform.PageOf;
import pebblestep.app.platform.Teacher;

/** Lessons of the signed-in teacher's students. */
@RestController
class LessonController {
    private final LessonService lessons;
    private final LessonNotes notes;

    LessonController(LessonService lessons, LessonNotes notes) {
        this.lessons = lessons;
        this.notes = notes;
    }

    /** Everything since the last lesson, and what to decide. */
    @GetMapping("/api/students/{id}/lesson")
    LessonCard card(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return lessons.card(teacher.studioId(), id);
    }

    @GetMapping("/api/students/{id}/lesson-notes")
    PageOf<NoteView> notes(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable long id,
            @RequestParam(defaultValue = "0") int page) {
        return notes.list(teacher.studioId(), id, page);
    }

    @PostMapping("/api/students/{id}/lesson-notes")
    @ResponseStatus(HttpStatus.CREATED)
    NoteView write(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody NoteRequest form) {
        return notes.add(teacher.studioId(), id, form);
    }

    @PutMapping("/api/lesson-notes/{id}")
    NoteView change(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody NoteRequest form) {
        return notes.change(teacher.studioId(), id, form);
    }

    /** A month for the parents, such as 2026-11; this month without one. */
    @GetMapping("/api/students/{id}/report")
    ReportView report(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable long id,
            @RequestParam(required = false) @Nullable String month) {
        return lessons.report(teacher.studioId(), id, month);
    }
}
