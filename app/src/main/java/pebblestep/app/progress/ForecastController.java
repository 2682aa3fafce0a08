package pebblestep.app.progress;

import jakarta.validation.Valid;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.platform.Teacher;
import pebblestep.app.progress.ForecastViews.StepForecast;
import pebblestep.app.progress.ForecastViews.WhatIf;

/** How a student's climb will go on. */
@RestController
class ForecastController {
    private final ForecastService forecasts;

    ForecastController(ForecastService forecasts) {
        this.forecasts = forecasts;
    }

    /** As it is planned, or with something else: more minutes, another climb, another goal. Nothing is kept. */
    @PostMapping("/api/assignments/{id}/forecast")
    StepForecast forecast(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody WhatIf what) {
        return forecasts.of(teacher.studioId(), id, what);
    }
}
