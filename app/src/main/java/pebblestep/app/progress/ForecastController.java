package pebblestep.app.progress;

import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.platform.Teacher;
import pebblestep.documents.bench.ForecastGround;

/** How a student's climb will go on. */
@RestController
class ForecastController {
    private final ForecastService forecasts;

    ForecastController(ForecastService forecasts) {
        this.forecasts = forecasts;
    }

    /** What is stored of it; the page works out what will come of it, and what would. */
    @GetMapping("/api/assignments/{id}/forecast")
    ForecastGround forecast(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return forecasts.of(teacher.studioId(), id);
    }
}
