package pebblestep.app.takeaway;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.ErrorResponseException;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.platform.Attachment;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.platform.Teacher;
import pebblestep.app.takeaway.Pieces.Asked;
import pebblestep.app.takeaway.TakeAway.TakenFile;
import pebblestep.app.takeaway.TakeAwayViews.LookView;
import pebblestep.app.takeaway.TakeAwayViews.OwnTakeAway;
import pebblestep.app.takeaway.TakeAwayViews.TakeAwayOptions;
import pebblestep.app.takeaway.TakeAwayViews.TakeAwayRequest;
import pebblestep.core.Identified;
import pebblestep.core.Refusal;

/** Hands out files: to a teacher anything of their studio, to a student what is theirs. */
@RestController
class TakeAwayController {
    private final Pieces pieces;
    private final TakeAway takeAway;

    TakeAwayController(Pieces pieces, TakeAway takeAway) {
        this.pieces = pieces;
        this.takeAway = takeAway;
    }

    /** The file of a step, a routine or something given: {@code musicxml}, {@code mxl}, {@code midi}, {@code wav}, {@code routine}. */
    @PostMapping("/api/exports/{format}")
    void file(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable String format,
            @Valid @RequestBody TakeAwayRequest request,
            HttpServletResponse response)
            throws IOException {
        Format as = format(format);
        Asked asked = pieces.asked(teacher.studioId(), request);
        send(takeAway.file(as, asked, or(request.options())), response);
    }

    /** The file of one of a student's own pieces. */
    @PostMapping("/api/practice/exports/{format}")
    void own(
            @AuthenticationPrincipal PracticeVisitor visitor,
            @PathVariable String format,
            @Valid @RequestBody OwnTakeAway request,
            HttpServletResponse response)
            throws IOException {
        Format as = format(format);
        Asked asked = pieces.own(visitor.studioId(), visitor.studentId(), request.assignment());
        send(takeAway.file(as, asked, or(request.options())), response);
    }

    /** What such a file would be: its name and how large it is. */
    @PostMapping("/api/exports/{format}/look")
    LookView look(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable String format,
            @Valid @RequestBody TakeAwayRequest request) {
        Format as = format(format);
        return LookView.of(takeAway.file(as, pieces.asked(teacher.studioId(), request), or(request.options())));
    }

    /** The same for a student. */
    @PostMapping("/api/practice/exports/{format}/look")
    LookView lookAtOwn(
            @AuthenticationPrincipal PracticeVisitor visitor,
            @PathVariable String format,
            @Valid @RequestBody OwnTakeAway request) {
        Format as = format(format);
        Asked asked = pieces.own(visitor.studioId(), visitor.studentId(), request.assignment());
        return LookView.of(takeAway.file(as, asked, or(request.options())));
    }

    private static TakeAwayOptions or(@Nullable TakeAwayOptions options) {
        return Optional.ofNullable(options).orElse(TakeAwayOptions.USUAL);
    }

    private static Format format(String name) {
        try {
            return Identified.of(Format.class, name);
        } catch (Refusal e) {
            throw e.at("format");
        }
    }

    private static void send(TakenFile file, HttpServletResponse response) throws IOException {
        response.setContentLengthLong(file.bytes());
        OutputStream out = Attachment.of(response, file.name(), file.mediaType());
        try {
            file.body().to(out);
        } catch (ErrorResponseException e) {
            // Refused before anything was written: the answer is a problem, and no file.
            response.reset();
            throw e;
        }
    }
}
