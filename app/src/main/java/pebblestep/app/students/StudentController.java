package pebblestep.app.students;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.platform.Archive;
import pebblestep.app.platform.PageOf;
import pebblestep.app.platform.Teacher;
import pebblestep.app.students.StudentViews.RangeStep;
import pebblestep.app.students.StudentViews.StudentRequest;
import pebblestep.app.students.StudentViews.StudentView;
import pebblestep.app.students.StudentViews.StudentsRead;
import pebblestep.app.students.StudentViews.StudentsText;
import pebblestep.app.students.StudentViews.TimetableRow;

/** The students of the signed-in teacher's studio. */
@RestController
@RequestMapping("/api/students")
class StudentController {
    private final StudentService students;
    private final StudentLists lists;

    StudentController(StudentService students, StudentLists lists) {
        this.students = students;
        this.lists = lists;
    }

    @GetMapping
    PageOf<StudentView> list(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "false") boolean archived,
            @RequestParam(defaultValue = "0") int page) {
        return students.list(teacher.studioId(), Archive.of(archived), page);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    StudentView add(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody StudentRequest form) {
        return students.add(teacher.studioId(), form);
    }

    /** The lessons of the week in their order. */
    @GetMapping("/timetable")
    List<TimetableRow> timetable(@AuthenticationPrincipal Teacher teacher) {
        return students.timetable(teacher.studioId());
    }

    /** What would come of a list of students; nobody is added. */
    @PostMapping("/read/preview")
    StudentsRead preview(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody StudentsText list) {
        return lists.preview(teacher.studioId(), list.text());
    }

    /** Adds the students of a list; a line that cannot be taken is told, and keeps no other from being taken. */
    @PostMapping("/read")
    StudentsRead read(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody StudentsText list) {
        return lists.read(teacher.studioId(), list.text());
    }

    @GetMapping("/{id}")
    StudentView get(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return students.get(teacher.studioId(), id);
    }

    @PutMapping("/{id}")
    StudentView change(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody StudentRequest form) {
        return students.change(teacher.studioId(), id, form);
    }

    @PostMapping("/{id}/range")
    StudentView growRange(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody RangeStep step) {
        return students.growRange(teacher.studioId(), id, step);
    }

    @PostMapping("/{id}/link")
    StudentView renewLink(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return students.renewLink(teacher.studioId(), id);
    }

    @PostMapping("/{id}/archive")
    StudentView archive(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return students.archive(teacher.studioId(), id);
    }

    @PostMapping("/{id}/restore")
    StudentView restore(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return students.restore(teacher.studioId(), id);
    }
}
