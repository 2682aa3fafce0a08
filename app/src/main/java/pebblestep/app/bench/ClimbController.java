package pebblestep.app.bench;

import jakarta.validation.Valid;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.bench.ClimbViews.ClimbRequest;
import pebblestep.app.platform.Teacher;
import pebblestep.documents.bench.ClimbAnswer;

/** Works climbs out, for those who script it; the Bench works them out itself. */
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
}
