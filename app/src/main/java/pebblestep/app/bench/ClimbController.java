package pebblestep.app.bench;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.bench.ClimbViews.ClimbAnswer;
import pebblestep.app.bench.ClimbViews.ClimbRequest;
import pebblestep.app.bench.ClimbViews.FitAnswer;
import pebblestep.app.bench.ClimbViews.FitRequest;
import pebblestep.app.bench.ClimbViews.SuggestionsRequest;
import pebblestep.app.platform.Teacher;
import pebblestep.documents.ClimbDocument;

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

    /** What a step can grow by: for each axis rungs in teaching order, the one it is on first. */
    @PostMapping("/api/climbs/suggestions")
    List<ClimbDocument.AxisPart> suggestions(@Valid @RequestBody SuggestionsRequest request) {
        return climbs.suggestions(request.step());
    }
}
