package pebblestep.app.archive;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.archive.ArchiveViews.ArchiveRequest;
import pebblestep.app.archive.ArchiveViews.ArchiveView;
import pebblestep.app.platform.Attachment;
import pebblestep.app.platform.Teacher;
import pebblestep.app.students.StudentService;
import pebblestep.documents.FileName;

/** Hands a studio out as one file, and takes such a file in; the whole studio is its owner's to move. */
@RestController
class ArchiveController {
    private final ArchiveOut out;
    private final Archives archives;
    private final StudentService students;
    private final SettingsService settings;
    private final Clock clock;

    ArchiveController(
            ArchiveOut out, Archives archives, StudentService students, SettingsService settings, Clock clock) {
        this.out = out;
        this.archives = archives;
        this.students = students;
        this.settings = settings;
        this.clock = clock;
    }

    /** The archive of the studio, or of one student. */
    @PostMapping("/api/exports/archive")
    void save(
            @AuthenticationPrincipal Teacher teacher,
            @Valid @RequestBody ArchiveRequest request,
            HttpServletResponse response)
            throws IOException {
        long studio = teacher.studioId();
        LocalDate today = LocalDate.now(clock);
        if (request.student() == null) {
            teacher.requireOwner();
            out.studio(
                    studio,
                    Attachment.of(
                            response, FileName.of(null, settings.studioName(studio), today, "zip"), "application/zip"));
            return;
        }
        String whose = students.get(studio, request.student()).name();
        OutputStream file = Attachment.of(response, FileName.of(whose, "archive", today, "zip"), "application/zip");
        out.student(studio, request.student(), file);
    }

    /** What an archive holds; it is kept for an hour, until it is taken. */
    @PostMapping(path = "/api/archives", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ArchiveView bring(@AuthenticationPrincipal Teacher teacher, HttpServletRequest request) throws IOException {
        teacher.requireOwner();
        try (InputStream body = request.getInputStream()) {
            return archives.bring(teacher.studioId(), body);
        }
    }

    /** How far it has come. */
    @GetMapping("/api/archives/{id}")
    ArchiveView look(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id) {
        teacher.requireOwner();
        return archives.look(teacher.studioId(), id);
    }

    /** Takes all of it over, or nothing. */
    @PostMapping("/api/archives/{id}/take")
    ArchiveView take(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id) throws IOException {
        teacher.requireOwner();
        return archives.take(teacher.studioId(), id);
    }

    /** Takes back what came in. */
    @PostMapping("/api/archives/{id}/undo")
    ArchiveView undo(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id) {
        teacher.requireOwner();
        return archives.undo(teacher.studioId(), id);
    }

    /** Gives up while it is taken over, and lets go of it. */
    @DeleteMapping("/api/archives/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void giveUp(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id) {
        teacher.requireOwner();
        archives.giveUp(teacher.studioId(), id);
    }
}
