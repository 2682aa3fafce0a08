package pebblestep.app.practice;

import jakarta.validation.Valid;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.practice.PracticeViews.TakeAnswer;
import pebblestep.app.practice.PracticeViews.TakeRequest;
import pebblestep.app.practice.PracticeViews.WordRequest;
import pebblestep.documents.practice.RoomDocument;
import pebblestep.documents.practice.Today;

/** The practice of the student whose link it is, and of nobody else. */
@RestController
@RequestMapping("/api/practice")
class PracticeController {
    private final RoomService room;
    private final WordService words;

    PracticeController(RoomService room, WordService words) {
        this.room = room;
        this.words = words;
    }

    @GetMapping("/today")
    Today today(@AuthenticationPrincipal PracticeVisitor visitor) {
        return room.today(visitor);
    }

    /** Everything that a fortnight without the studio needs. */
    @GetMapping("/room")
    RoomDocument room(@AuthenticationPrincipal PracticeVisitor visitor) {
        return room.room(visitor);
    }

    @PostMapping("/takes")
    TakeAnswer log(@AuthenticationPrincipal PracticeVisitor visitor, @Valid @RequestBody TakeRequest form) {
        return room.log(visitor, form);
    }

    /** A line to the teacher; stored once, however often it is sent. */
    @PostMapping("/words")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void say(@AuthenticationPrincipal PracticeVisitor visitor, @Valid @RequestBody WordRequest form) {
        words.say(visitor, form);
    }
}
