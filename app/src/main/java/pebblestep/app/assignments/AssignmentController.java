package pebblestep.app.assignments;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.assignments.AssignmentViews.AssignmentForm;
import pebblestep.app.assignments.AssignmentViews.AssignmentView;
import pebblestep.app.assignments.AssignmentViews.ClimbChange;
import pebblestep.app.assignments.AssignmentViews.GoalChange;
import pebblestep.app.assignments.AssignmentViews.Placing;
import pebblestep.app.platform.Teacher;

/** What the signed-in teacher gives to students. */
@RestController
class AssignmentController {
    private final AssignmentService assignments;

    AssignmentController(AssignmentService assignments) {
        this.assignments = assignments;
    }

    @PostMapping("/api/assignments")
    @ResponseStatus(HttpStatus.CREATED)
    AssignmentView assign(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody AssignmentForm form) {
        return assignments.assign(teacher.studioId(), form);
    }

    @PostMapping("/api/assignments/{id}/end")
    AssignmentView end(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return assignments.end(teacher.studioId(), id, true);
    }

    @PostMapping("/api/assignments/{id}/resume")
    AssignmentView resume(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return assignments.end(teacher.studioId(), id, false);
    }

    @GetMapping("/api/students/{id}/assignments")
    List<AssignmentView> list(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return assignments.list(teacher.studioId(), id);
    }

    /** Changes the climb; the student keeps the nearest rung that is not harder. */
    @PostMapping("/api/assignments/{id}/climb")
    AssignmentView changeClimb(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody ClimbChange change) {
        return assignments.changeClimb(teacher.studioId(), id, change.climb());
    }

    /** Puts the student on a rung. */
    @PostMapping("/api/assignments/{id}/place")
    AssignmentView place(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody Placing placing) {
        return assignments.place(teacher.studioId(), id, placing.at());
    }

    /** Sets a tempo to be met by a day, or takes it away. */
    @PutMapping("/api/assignments/{id}/goal")
    AssignmentView goal(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody GoalChange change) {
        return assignments.setGoal(teacher.studioId(), id, change.goal());
    }
}
