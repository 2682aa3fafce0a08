package pebblestep.app.calendar;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.calendar.CalendarViews.CalendarFileRequest;
import pebblestep.app.calendar.CalendarViews.CalendarView;
import pebblestep.app.calendar.CalendarViews.CalendarWish;
import pebblestep.app.calendar.CalendarViews.DayOffWish;
import pebblestep.app.calendar.Calendars.Written;
import pebblestep.app.platform.Attachment;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.platform.Teacher;
import pebblestep.documents.FileName;
import pebblestep.exchange.calendar.CalendarFile;

/** Calendars, as files and to follow. */
@RestController
class CalendarController {
    private static final Duration FRESH = Duration.ofMinutes(5);

    private final Calendars calendars;
    private final Clock clock;

    CalendarController(Calendars calendars, Clock clock) {
        this.calendars = calendars;
        this.clock = clock;
    }

    /** The calendar under a private address, for programs that follow it. Whoever knows the address needs nothing else. */
    @GetMapping("/calendar/{token}.ics")
    ResponseEntity<byte[]> follow(@PathVariable String token) {
        return calendars
                .followed(token)
                .map(written -> ResponseEntity.ok()
                        .contentType(MediaType.parseMediaType(CalendarFile.MEDIA_TYPE))
                        .cacheControl(CacheControl.maxAge(FRESH).cachePrivate())
                        .body(written.file()))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    /** The studio's calendar. */
    @GetMapping("/api/calendar")
    CalendarView studio(@AuthenticationPrincipal Teacher teacher) {
        return calendars.studioView(teacher.studioId());
    }

    /** Says in which zone lessons are held, and how long they last. */
    @PutMapping("/api/calendar")
    CalendarView change(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody CalendarWish wish) {
        return calendars.change(teacher.studioId(), wish);
    }

    /** Makes a new address; the old one answers nothing from now on. */
    @PostMapping("/api/calendar/renew")
    CalendarView renew(@AuthenticationPrincipal Teacher teacher) {
        teacher.requireOwner();
        return calendars.renewStudio(teacher.studioId());
    }

    /** A student's calendar. */
    @GetMapping("/api/students/{id}/calendar")
    CalendarView student(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return calendars.studentView(teacher.studioId(), id);
    }

    /** Makes a new address for a student. */
    @PostMapping("/api/students/{id}/calendar/renew")
    CalendarView renewStudent(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        return calendars.renewStudent(teacher.studioId(), id);
    }

    /** Says that a student, or nobody, has a lesson on a day. */
    @PostMapping("/api/calendar/off")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void off(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody DayOffWish wish) {
        calendars.off(teacher.studioId(), wish);
    }

    /** There is a lesson after all. */
    @DeleteMapping("/api/calendar/off/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void on(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        calendars.on(teacher.studioId(), id);
    }

    /** The calendar as a file. */
    @PostMapping("/api/exports/ics")
    void file(
            @AuthenticationPrincipal Teacher teacher,
            @Valid @RequestBody CalendarFileRequest request,
            HttpServletResponse response)
            throws IOException {
        Written written = request.student() == null
                ? calendars.ofStudio(teacher.studioId())
                : calendars.ofStudent(teacher.studioId(), request.student());
        String name = FileName.of(null, written.name(), LocalDate.now(clock), "ics");
        response.setContentLengthLong(written.file().length);
        Attachment.of(response, name, CalendarFile.MEDIA_TYPE).write(written.file());
    }

    /** The student's own calendar. */
    @GetMapping("/api/practice/calendar")
    CalendarView own(@AuthenticationPrincipal PracticeVisitor visitor) {
        return calendars.studentView(visitor.studioId(), visitor.studentId());
    }
}
