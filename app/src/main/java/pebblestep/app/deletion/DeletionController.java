package pebblestep.app.deletion;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.deletion.Deletion.DeletedView;
import pebblestep.app.deletion.Tables.Table;
import pebblestep.app.platform.Attachment;
import pebblestep.app.platform.Teacher;
import pebblestep.app.students.StudentService;
import pebblestep.documents.FileName;

/** What is kept about somebody: handed to them, deleted, and taken back. */
@RestController
class DeletionController {
    private final Deletion leaving;
    private final Handing handing;
    private final StudentService students;
    private final Tables tables;
    private final Clock clock;

    DeletionController(Deletion leaving, Handing handing, StudentService students, Tables tables, Clock clock) {
        this.tables = tables;
        this.clock = clock;
        this.leaving = leaving;
        this.handing = handing;
        this.students = students;
    }

    /** The name, typed so that nothing is deleted by a slip of the hand. */
    record Typed(
            @NotNull(message = "Type the name.") @Size(max = 80, message = "A name has at most 80 characters.")
                    String name) {}

    /** Everything that is kept about a student. */
    @GetMapping(path = "/api/students/{id}/data", produces = MediaType.APPLICATION_JSON_VALUE)
    void data(@AuthenticationPrincipal Teacher teacher, @PathVariable long id, HttpServletResponse response)
            throws IOException {
        students.get(teacher.studioId(), id);
        handing.all(id, file(response, "student-" + id + ".json", MediaType.APPLICATION_JSON_VALUE));
    }

    /** Every take of a student, for a spreadsheet. */
    @GetMapping(path = "/api/students/{id}/takes.csv", produces = "text/csv")
    void takes(@AuthenticationPrincipal Teacher teacher, @PathVariable long id, HttpServletResponse response)
            throws IOException {
        students.get(teacher.studioId(), id);
        handing.takes(id, file(response, "takes-" + id + ".csv", "text/csv;charset=UTF-8"));
    }

    /** Which table, and whose; everybody's without a student. */
    record TableRequest(@NotNull(message = "Name the table.") Table table, @Nullable Long student) {}

    /** A table for a spreadsheet. */
    @PostMapping("/api/exports/csv")
    void table(
            @AuthenticationPrincipal Teacher teacher,
            @Valid @RequestBody TableRequest request,
            HttpServletResponse response)
            throws IOException {
        String whose = request.student() == null
                ? null
                : students.get(teacher.studioId(), request.student()).name();
        ByteArrayOutputStream table = new ByteArrayOutputStream();
        tables.write(teacher.studioId(), request.table(), request.student(), table);
        String name = FileName.of(whose, request.table().id(), LocalDate.now(clock), "csv");
        response.setContentLength(table.size());
        table.writeTo(Attachment.of(response, name, "text/csv;charset=UTF-8"));
    }

    private static OutputStream file(HttpServletResponse response, String name, String type) throws IOException {
        response.setContentType(type);
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment().filename(name).build().toString());
        return response.getOutputStream();
    }

    /** Deletes a student who is put away. */
    @PostMapping("/api/students/{id}/delete")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteStudent(
            @AuthenticationPrincipal Teacher teacher, @PathVariable long id, @Valid @RequestBody Typed typed) {
        teacher.requireOwner();
        leaving.deleteStudent(teacher.studioId(), id, typed.name());
    }

    /** Takes a deleted student back. */
    @PostMapping("/api/students/{id}/take-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBackStudent(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        leaving.takeBackStudent(teacher.studioId(), id);
    }

    /** Students who are deleted and can be taken back. */
    @GetMapping("/api/students/deleted")
    List<DeletedView> deletedStudents(@AuthenticationPrincipal Teacher teacher) {
        return leaving.deletedStudents(teacher.studioId());
    }

    /** Deletes the studio with everything in it. */
    @PostMapping("/api/studio/delete")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteStudio(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody Typed typed) {
        teacher.requireOwner();
        leaving.deleteStudio(teacher.studioId(), typed.name());
    }

    /** Takes the deleted studio back. */
    @PostMapping("/api/studio/take-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBackStudio(@AuthenticationPrincipal Teacher teacher) {
        teacher.requireOwner();
        leaving.takeBackStudio(teacher.studioId());
    }
}
