package pebblestep.app.goals;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.goals.GoalViews.RequiredRead;
import pebblestep.app.goals.GoalViews.RequiredRequest;
import pebblestep.app.goals.GoalViews.RequiredText;
import pebblestep.app.goals.GoalViews.RequiredView;
import pebblestep.app.platform.Teacher;

/** The scales that the signed-in teacher's students have to be able to play. */
@RestController
class GoalController {
    private final GoalService goals;

    GoalController(GoalService goals) {
        this.goals = goals;
    }

    @GetMapping("/api/students/{id}/required")
    List<RequiredView> list(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return goals.list(teacher.studioId(), id);
    }

    @PostMapping("/api/students/{id}/required")
    @ResponseStatus(HttpStatus.CREATED)
    List<RequiredView> add(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody RequiredRequest form) {
        return goals.add(teacher.studioId(), id, form);
    }

    /** Reads a list as CSV. */
    @PostMapping("/api/students/{id}/required/read")
    RequiredRead read(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody RequiredText list) {
        return goals.read(teacher.studioId(), id, list.text());
    }

    @PostMapping("/api/required/{id}/remove")
    List<RequiredView> remove(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return goals.remove(teacher.studioId(), id);
    }

    @PostMapping("/api/required/{id}/restore")
    List<RequiredView> restore(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return goals.restore(teacher.studioId(), id);
    }
}
