package pebblestep.app.practice;

import jakarta.validation.Valid;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.practice.PracticeViews.TakeForm;
import pebblestep.app.practice.PracticeViews.TapsForm;
import pebblestep.app.practice.PracticeViews.TapsView;
import pebblestep.app.practice.PracticeViews.Today;
import pebblestep.app.practice.PracticeViews.TodayItem;
import pebblestep.exchange.PassageDocument;

/** The practice of the student whose link it is, and of nobody else. */
@RestController
@RequestMapping("/api/practice")
class PracticeController {
    private final PracticeService practice;

    PracticeController(PracticeService practice) {
        this.practice = practice;
    }

    @GetMapping("/today")
    Today today(@AuthenticationPrincipal PracticeVisitor visitor) {
        return practice.today(visitor);
    }

    @GetMapping("/assignments/{id}/passage")
    PassageDocument passage(
            @AuthenticationPrincipal PracticeVisitor visitor,
            @PathVariable long id,
            @RequestParam(required = false) @Nullable String bpm) {
        return practice.passage(visitor, id, bpm);
    }

    /** How the student's taps lie against the notes; nothing is kept. */
    @PostMapping("/assignments/{id}/taps")
    TapsView taps(
            @AuthenticationPrincipal PracticeVisitor visitor,
            @PathVariable long id,
            @Valid @RequestBody TapsForm form) {
        return practice.taps(visitor, id, form);
    }

    @PostMapping("/takes")
    TodayItem log(@AuthenticationPrincipal PracticeVisitor visitor, @Valid @RequestBody TakeForm form) {
        return practice.log(visitor, form);
    }
}
