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
import pebblestep.app.bench.RoutineViews.RoutineRequest;
import pebblestep.app.bench.RoutineViews.RoutineRow;
import pebblestep.app.bench.RoutineViews.RoutineView;
import pebblestep.app.platform.Archive;
import pebblestep.app.platform.PageOf;
import pebblestep.app.platform.Teacher;

/** The routines of the signed-in teacher's studio. */
@RestController
@RequestMapping("/api/routines")
class RoutineController {
    private final RoutineService routines;

    RoutineController(RoutineService routines) {
        this.routines = routines;
    }

    @GetMapping
    PageOf<RoutineRow> list(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "false") boolean archived,
            @RequestParam(defaultValue = "0") int page) {
        return routines.list(teacher.studioId(), Archive.of(archived), page);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    RoutineView add(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody RoutineRequest form) {
        return routines.add(teacher.studioId(), form);
    }

    @GetMapping("/{id}")
    RoutineView get(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return routines.get(teacher.studioId(), id);
    }

    @PutMapping("/{id}")
    RoutineView change(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody RoutineRequest form) {
        return routines.change(teacher.studioId(), id, form);
    }

    @PostMapping("/{id}/archive")
    RoutineView archive(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return routines.archive(teacher.studioId(), id);
    }

    @PostMapping("/{id}/restore")
    RoutineView restore(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return routines.restore(teacher.studioId(), id);
    }
}
