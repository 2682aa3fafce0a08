package pebblestep.app.bench;

import jakarta.validation.Valid;
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
import pebblestep.app.bench.StepViews.StepForm;
import pebblestep.app.bench.StepViews.StepView;
import pebblestep.app.platform.PageOf;
import pebblestep.app.platform.Teacher;

/** The kept steps of the signed-in teacher's studio. */
@RestController
@RequestMapping("/api/steps")
class StepController {
    private final StepService steps;

    StepController(StepService steps) {
        this.steps = steps;
    }

    @GetMapping
    PageOf<StepView> list(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "false") boolean archived,
            @RequestParam(defaultValue = "0") int page) {
        return steps.list(teacher.studioId(), archived, page);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    StepView add(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody StepForm form) {
        return steps.add(teacher.studioId(), form);
    }

    @GetMapping("/{id}")
    StepView get(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return steps.get(teacher.studioId(), id);
    }

    @PutMapping("/{id}")
    StepView change(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody StepForm form) {
        return steps.change(teacher.studioId(), id, form);
    }

    @PostMapping("/{id}/archive")
    StepView archive(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return steps.archive(teacher.studioId(), id, true);
    }

    @PostMapping("/{id}/restore")
    StepView restore(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return steps.archive(teacher.studioId(), id, false);
    }
}
