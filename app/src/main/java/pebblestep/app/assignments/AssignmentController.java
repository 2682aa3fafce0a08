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
import pebblestep.app.assignments.AssignmentViews.AssignmentRequest;
import pebblestep.app.assignments.AssignmentViews.AssignmentView;
import pebblestep.app.assignments.AssignmentViews.ClimbChange;
import pebblestep.app.assignments.AssignmentViews.GoalChange;
import pebblestep.app.assignments.AssignmentViews.Holding;
import pebblestep.app.assignments.AssignmentViews.Placing;
import pebblestep.app.assignments.AssignmentViews.ScheduleRequest;
import pebblestep.app.assignments.GroupViews.GroupPlan;
import pebblestep.app.assignments.GroupViews.GroupPreview;
import pebblestep.app.assignments.GroupViews.GroupRequest;
import pebblestep.app.platform.Teacher;

/** What the signed-in teacher gives to students. */
@RestController
class AssignmentController {
    private final AssignmentService assignments;
    private final DecisionService decisions;
    private final GroupService groups;

    AssignmentController(AssignmentService assignments, DecisionService decisions, GroupService groups) {
        this.assignments = assignments;
        this.decisions = decisions;
        this.groups = groups;
    }

    /** What each student will see of a routine, week by week; nothing is given. */
    @PostMapping("/api/assignments/group/preview")
    GroupPlan preview(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody GroupRequest form) {
        return groups.preview(teacher.studioId(), form);
    }

    /** Gives a routine to several students; what does not fit one of them is told. */
    @PostMapping("/api/assignments/group")
    List<GroupPreview> give(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody GroupRequest form) {
        return groups.give(teacher.studioId(), form);
    }

    @PostMapping("/api/assignments")
    @ResponseStatus(HttpStatus.CREATED)
    AssignmentView assign(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody AssignmentRequest form) {
        return assignments.assign(teacher.studioId(), form);
    }

    @PostMapping("/api/assignments/{id}/end")
    AssignmentView end(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return assignments.end(teacher.studioId(), id);
    }

    @PostMapping("/api/assignments/{id}/resume")
    AssignmentView resume(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return assignments.reopen(teacher.studioId(), id);
    }

    @GetMapping("/api/students/{id}/assignments")
    List<AssignmentView> list(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return assignments.list(teacher.studioId(), id);
    }

    /** Changes the climb; the student keeps the nearest rung that is not harder. */
    @PostMapping("/api/assignments/{id}/climb")
    AssignmentView changeClimb(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody ClimbChange change) {
        return decisions.changeClimb(teacher.studioId(), id, change.climb());
    }

    /** Puts the student on a rung. */
    @PostMapping("/api/assignments/{id}/place")
    AssignmentView place(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody Placing placing) {
        return decisions.place(teacher.studioId(), id, placing.at());
    }

    /** Holds the student on the rung, or lets them go on. */
    @PostMapping("/api/assignments/{id}/hold")
    AssignmentView hold(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody Holding holding) {
        return holding.holds() ? decisions.hold(teacher.studioId(), id) : decisions.release(teacher.studioId(), id);
    }

    /** Gives what of it still fits the student, whose range has changed since. */
    @PostMapping("/api/assignments/{id}/fit")
    AssignmentView fit(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return decisions.fit(teacher.studioId(), id);
    }

    /** Takes the last decision back. */
    @PostMapping("/api/assignments/{id}/undo")
    AssignmentView undo(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return decisions.undo(teacher.studioId(), id);
    }

    /** Changes until when, on which days and for how long a step is practised; where the student stands stays. */
    @PutMapping("/api/assignments/{id}/schedule")
    AssignmentView reschedule(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody ScheduleRequest form) {
        return assignments.reschedule(teacher.studioId(), id, form);
    }

    /** Sets a tempo to be met by a day, or takes it away. */
    @PutMapping("/api/assignments/{id}/goal")
    AssignmentView goal(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody GoalChange change) {
        return assignments.setGoal(teacher.studioId(), id, change.goal());
    }
}
