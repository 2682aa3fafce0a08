package pebblestep.app.bench;

import jakarta.validation.Valid;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.bench.ClimbViews.ClimbAnswer;
import pebblestep.app.bench.ClimbViews.ClimbRequest;
import pebblestep.app.bench.ClimbViews.FitAnswer;
import pebblestep.app.bench.ClimbViews.FitRequest;
import pebblestep.app.platform.Teacher;

/** Works climbs out, and what fits into a day. */
@RestController
class ClimbController {
    private final ClimbService climbs;

    ClimbController(ClimbService climbs) {
        this.climbs = climbs;
    }

    /** Every rung of a climb with its time, and when it is likely to be done. */
    @PostMapping("/api/climbs")
    ClimbAnswer climb(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody ClimbRequest request) {
        return climbs.climb(teacher.studioId(), request);
    }

    /** A routine held against the minutes of a day: what fits, and what to trim. */
    @PostMapping("/api/routines/fit")
    FitAnswer fit(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody FitRequest request) {
        return climbs.fit(teacher.studioId(), request);
    }
}
