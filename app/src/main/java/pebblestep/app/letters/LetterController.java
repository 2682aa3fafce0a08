package pebblestep.app.letters;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import pebblestep.app.letters.LetterViews.LetterFileRequest;
import pebblestep.app.letters.LetterViews.LetterWish;
import pebblestep.app.letters.LetterViews.MailServerView;
import pebblestep.app.letters.LetterViews.MailServerWish;
import pebblestep.app.letters.LetterViews.SentLetter;
import pebblestep.app.letters.LetterViews.WeekLetterView;
import pebblestep.app.platform.Attachment;
import pebblestep.app.platform.PageOf;
import pebblestep.app.platform.Teacher;
import pebblestep.core.practice.WeekLetter.Reader;
import pebblestep.documents.FileName;

/** The letter about a week, and the mail server of a studio. */
@RestController
class LetterController {
    private final StudioLetters letters;
    private final StudioMail mail;

    LetterController(StudioLetters letters, StudioMail mail) {
        this.letters = letters;
        this.mail = mail;
    }

    /** The letter about the week that lies before a student. */
    @GetMapping("/api/students/{id}/letter")
    WeekLetterView week(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable long id,
            @RequestParam(defaultValue = "student") Reader reader,
            HttpServletRequest request) {
        String root =
                ServletUriComponentsBuilder.fromContextPath(request).build().toUriString();
        return letters.week(teacher, id, reader, root);
    }

    /** Sends a letter as it was looked over; where no mail server is named it goes into the mailbox alone. */
    @PostMapping("/api/students/{id}/letter")
    SentLetter send(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody LetterWish wish) {
        return letters.send(teacher, id, wish);
    }

    /** The letter as a file. */
    @PostMapping("/api/exports/eml")
    void file(
            @AuthenticationPrincipal Teacher teacher,
            @Valid @RequestBody LetterFileRequest request,
            HttpServletResponse response)
            throws IOException {
        String name = FileName.of(letters.about(teacher, request.student()), "week", letters.today(), "eml");
        byte[] file = letters.file(teacher, request);
        response.setContentLengthLong(file.length);
        Attachment.of(response, name, "message/rfc822").write(file);
    }

    /** Letters of the studio, newest first. */
    @GetMapping("/api/sent")
    PageOf<SentLetter> sent(@AuthenticationPrincipal Teacher teacher, @RequestParam(defaultValue = "0") int page) {
        return letters.sent(teacher.studioId(), page);
    }

    /** The studio's mail server; nothing where letters go into the mailbox. */
    @GetMapping("/api/mail-server")
    ResponseEntity<MailServerView> server(@AuthenticationPrincipal Teacher teacher) {
        teacher.requireOwner();
        return mail.view(teacher.studioId()).map(ResponseEntity::ok).orElseGet(() -> ResponseEntity.noContent()
                .build());
    }

    /** Tries a mail server, and keeps it where it lets the studio in. */
    @PutMapping("/api/mail-server")
    MailServerView keep(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody MailServerWish wish) {
        teacher.requireOwner();
        return mail.keep(teacher.studioId(), wish);
    }

    /** Lets go of the mail server and its password. */
    @DeleteMapping("/api/mail-server")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@AuthenticationPrincipal Teacher teacher) {
        teacher.requireOwner();
        mail.forget(teacher.studioId());
    }
}
