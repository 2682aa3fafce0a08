package pebblestep.app.takeaway;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import java.io.IOException;
import java.io.InputStream;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.bench.RoutineViews.RoutineView;
import pebblestep.app.platform.Teacher;
import pebblestep.app.takeaway.ImportViews.FoundView;
import pebblestep.app.takeaway.ImportViews.Reading;
import pebblestep.app.takeaway.ImportViews.TakeOverRequest;
import pebblestep.core.Refusal;

/** Brings files in: says what they hold, and takes it over once somebody has seen it. */
@RestController
class ImportController {
    private static final int LONGEST_NAME = 300;

    private final Imports imports;

    ImportController(Imports imports) {
        this.imports = imports;
    }

    /**
     * What a file holds: MusicXML, compressed or not, MIDI, or a routine of ours, known by its content. Of music, which part,
     * voice and key, and for which instrument fingerings at its notes are; the first ones, the likeliest key and what the part is called, without.
     */
    @PostMapping(path = "/api/imports", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Operation(
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            required = true,
                            content =
                                    @Content(
                                            mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE,
                                            schema = @Schema(type = "string", format = "byte"))))
    FoundView found(
            @AuthenticationPrincipal Teacher teacher,
            HttpServletRequest request,
            @RequestParam(required = false) @Nullable String name,
            @RequestParam(defaultValue = "0") int part,
            @RequestParam(defaultValue = "0") int voice,
            @RequestParam(required = false) @Nullable String tonic,
            @RequestParam(required = false) @Nullable String form,
            @RequestParam(required = false) @Nullable String instrument)
            throws IOException {
        if (name != null && name.length() > LONGEST_NAME) {
            throw Refusal.of("name", "A name has at most " + LONGEST_NAME + " characters.");
        }
        try (InputStream body = request.getInputStream()) {
            return imports.found(
                    teacher.studioId(),
                    body,
                    name == null ? "" : name,
                    new Reading(part, voice, tonic, form, instrument));
        }
    }

    /** Keeps what was found as a routine. */
    @PostMapping("/api/imports/{id}/take")
    RoutineView take(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable UUID id,
            @Valid @RequestBody TakeOverRequest request) {
        return imports.take(teacher.studioId(), id, request.title());
    }
}
