package pebblestep.app.practice;

import jakarta.validation.Valid;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.platform.Teacher;
import pebblestep.app.practice.PracticeViews.TicksRequest;
import pebblestep.app.practice.PracticeViews.TicksView;
import pebblestep.documents.practice.Today;

/** Week sheets that come back from the music stand. */
@RestController
class PaperController {
    private final PaperService paper;

    PaperController(PaperService paper) {
        this.paper = paper;
    }

    /** What stands on a student's sheet. */
    @GetMapping("/api/students/{id}/paper")
    Today sheet(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return paper.sheet(teacher.studioId(), id);
    }

    /** Keeps the boxes that were ticked as clean takes of their days. */
    @PostMapping("/api/students/{id}/paper")
    TicksView type(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody TicksRequest form) {
        return paper.type(teacher.studioId(), id, form);
    }
}
