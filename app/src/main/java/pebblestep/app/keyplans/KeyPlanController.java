package pebblestep.app.keyplans;

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
import pebblestep.app.keyplans.KeyPlanViews.BookletView;
import pebblestep.app.keyplans.KeyPlanViews.KeyPlanRequest;
import pebblestep.app.keyplans.KeyPlanViews.KeyPlanView;
import pebblestep.app.keyplans.KeyPlanViews.PlanDecision;
import pebblestep.app.platform.Teacher;

/** The key plans of the signed-in teacher's students. */
@RestController
class KeyPlanController {
    private final KeyPlanService plans;

    KeyPlanController(KeyPlanService plans) {
        this.plans = plans;
    }

    @PostMapping("/api/key-plans")
    @ResponseStatus(HttpStatus.CREATED)
    List<KeyPlanView> give(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody KeyPlanRequest form) {
        return plans.give(teacher.studioId(), form);
    }

    /** The plans that a student has. */
    @GetMapping("/api/students/{id}/key-plans")
    List<KeyPlanView> list(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return plans.list(teacher.studioId(), id);
    }

    /** A plan as a booklet to print. */
    @GetMapping("/api/key-plans/{id}/booklet")
    BookletView booklet(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return plans.booklet(teacher.studioId(), id);
    }

    /** Goes on to the next key, gives this one again, holds, or goes on after that. */
    @PostMapping("/api/key-plans/{id}/decisions")
    KeyPlanView decide(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable long id,
            @Valid @RequestBody PlanDecision decision) {
        return plans.decide(teacher.studioId(), id, decision);
    }

    /** Takes the last decision back. */
    @PostMapping("/api/key-plans/{id}/undo")
    KeyPlanView undo(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return plans.undo(teacher.studioId(), id);
    }

    @PostMapping("/api/key-plans/{id}/end")
    KeyPlanView end(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return plans.end(teacher.studioId(), id);
    }

    @PostMapping("/api/key-plans/{id}/resume")
    KeyPlanView resume(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return plans.reopen(teacher.studioId(), id);
    }
}
