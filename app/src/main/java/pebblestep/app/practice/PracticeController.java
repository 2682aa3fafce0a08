package pebblestep.app.practice;

import jakarta.validation.Valid;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.practice.PracticeViews.LatencyRequest;
import pebblestep.app.practice.PracticeViews.LatencyView;
import pebblestep.app.practice.PracticeViews.SimulatedRequest;
import pebblestep.app.practice.PracticeViews.TakeRequest;
import pebblestep.app.practice.PracticeViews.TapsRequest;
import pebblestep.app.practice.PracticeViews.TapsView;
import pebblestep.app.practice.PracticeViews.Today;
import pebblestep.app.practice.PracticeViews.TodayItem;
import pebblestep.app.practice.PracticeViews.Week;
import pebblestep.app.practice.PracticeViews.WordRequest;
import pebblestep.documents.PassageDocument;

/** The practice of the student whose link it is, and of nobody else. */
@RestController
@RequestMapping("/api/practice")
class PracticeController {
    private final RoomService room;
    private final TapService taps;
    private final WordService words;

    PracticeController(RoomService room, TapService taps, WordService words) {
        this.room = room;
        this.taps = taps;
        this.words = words;
    }

    @GetMapping("/today")
    Today today(@AuthenticationPrincipal PracticeVisitor visitor) {
        return room.today(visitor);
    }

    /** Everything that a week without the studio needs. */
    @GetMapping("/week")
    Week week(@AuthenticationPrincipal PracticeVisitor visitor) {
        return room.week(visitor);
    }

    @GetMapping("/assignments/{id}/passage")
    PassageDocument passage(
            @AuthenticationPrincipal PracticeVisitor visitor,
            @PathVariable long id,
            @RequestParam(required = false) @Nullable String at,
            @RequestParam(required = false) @Nullable String bpm) {
        return room.passage(visitor, id, at, bpm);
    }

    /** How the student's taps lie against the notes; nothing is kept. */
    @PostMapping("/assignments/{id}/taps")
    TapsView taps(
            @AuthenticationPrincipal PracticeVisitor visitor,
            @PathVariable long id,
            @Valid @RequestBody TapsRequest form) {
        return taps.taps(visitor, id, form);
    }

    /** How a made-up player's taps lie against the notes; in the demo only. */
    @PostMapping("/assignments/{id}/taps/simulated")
    TapsView simulated(
            @AuthenticationPrincipal PracticeVisitor visitor,
            @PathVariable long id,
            @Valid @RequestBody SimulatedRequest form) {
        return taps.simulated(visitor, id, form);
    }

    /** How late sounds are heard, by taps along with a steady click; nothing is kept. */
    @PostMapping("/latency")
    LatencyView latency(@Valid @RequestBody LatencyRequest form) {
        return taps.latency(form);
    }

    @PostMapping("/takes")
    TodayItem log(@AuthenticationPrincipal PracticeVisitor visitor, @Valid @RequestBody TakeRequest form) {
        return room.log(visitor, form);
    }

    /** A line to the teacher; stored once, however often it is sent. */
    @PostMapping("/words")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void say(@AuthenticationPrincipal PracticeVisitor visitor, @Valid @RequestBody WordRequest form) {
        words.say(visitor, form);
    }
}
