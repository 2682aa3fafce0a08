package pebblestep.app.students;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.platform.Teacher;
import pebblestep.app.students.InstrumentViews.InstrumentRequest;
import pebblestep.app.students.InstrumentViews.InstrumentView;

/** The instruments of the signed-in teacher's studio. */
@RestController
@RequestMapping("/api/instruments")
class InstrumentController {
    private final InstrumentService instruments;

    InstrumentController(InstrumentService instruments) {
        this.instruments = instruments;
    }

    /** At most a hundred of the studio's own, then those that everybody has. */
    @GetMapping
    List<InstrumentView> list(@AuthenticationPrincipal Teacher teacher) {
        return instruments.list(teacher.studioId());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    InstrumentView add(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody InstrumentRequest form) {
        return instruments.add(teacher.studioId(), form);
    }

    @PutMapping("/{id}")
    InstrumentView change(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable long id,
            @Valid @RequestBody InstrumentRequest form) {
        return instruments.change(teacher.studioId(), id, form);
    }

    @PostMapping("/{id}/archive")
    InstrumentView archive(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return instruments.archive(teacher.studioId(), id);
    }

    @PostMapping("/{id}/restore")
    InstrumentView restore(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return instruments.restore(teacher.studioId(), id);
    }
}
