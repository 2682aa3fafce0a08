package pebblestep.app.accounts;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.accounts.AccountViews.Invitation;
import pebblestep.app.accounts.AccountViews.TeacherRow;
import pebblestep.app.platform.Teacher;

/** The teachers of a studio. */
@RestController
class TeachersController {
    private final StudioTeachers teachers;
    private final SignInGuard guard;

    TeachersController(StudioTeachers teachers, SignInGuard guard) {
        this.teachers = teachers;
        this.guard = guard;
    }

    @GetMapping("/api/teachers")
    List<TeacherRow> list(@AuthenticationPrincipal Teacher teacher) {
        return teachers.list(teacher);
    }

    /** Writes to somebody that they may teach here. */
    @PostMapping("/api/teachers")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void invite(
            @AuthenticationPrincipal Teacher teacher, @Valid @RequestBody Invitation form, HttpServletRequest request) {
        teacher.requireOwner();
        guard.asksForLetter(AccountService.normal(form.email()), request.getRemoteAddr());
        teachers.invite(teacher, form);
    }

    /** Lets a teacher go. */
    @DeleteMapping("/api/teachers/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void letGo(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        teachers.letGo(teacher, id);
    }
}
