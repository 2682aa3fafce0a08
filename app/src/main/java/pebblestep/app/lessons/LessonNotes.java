package pebblestep.app.lessons;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.TeacherNames;
import pebblestep.app.lessons.LessonViews.NoteRequest;
import pebblestep.app.lessons.LessonViews.NoteView;
import pebblestep.app.lessons.LessonViews.ToParents;
import pebblestep.app.platform.Acting;
import pebblestep.app.platform.PageOf;
import pebblestep.app.platform.Problems;
import pebblestep.app.students.StudentService;
import pebblestep.core.Refusal;

/** Keeps what is written down in lessons. */
@Service
public class LessonNotes {
    private final LessonNoteRepository notes;
    private final StudentService students;
    private final TeacherNames names;
    private final Clock clock;

    LessonNotes(LessonNoteRepository notes, StudentService students, TeacherNames names, Clock clock) {
        this.names = names;
        this.notes = notes;
        this.students = students;
        this.clock = clock;
    }

    /** A student's notes, newest first. */
    @Transactional(readOnly = true)
    PageOf<NoteView> list(long studioId, long studentId, int page) {
        students.get(studioId, studentId);
        Map<Long, String> all = names.of(studioId);
        Sort newestFirst = Sort.by("heldOn").descending().and(Sort.by("id").descending());
        return PageOf.of(
                notes.findByStudioIdAndStudentId(studioId, studentId, PageOf.request(page, newestFirst)),
                note -> view(note, all));
    }

    /** The day of the last lesson before a day that something was written in; empty before the first. */
    Optional<LocalDate> lastBefore(long studioId, long studentId, LocalDate day) {
        return notes.findFirstByStudioIdAndStudentIdAndHeldOnLessThanOrderByHeldOnDescIdDesc(studioId, studentId, day)
                .map(note -> note.heldOn);
    }

    /** What was written for the parents between two days. */
    List<ToParents> toParents(long studioId, long studentId, LocalDate from, LocalDate to) {
        return notes
                .findByStudioIdAndStudentIdAndHeldOnBetweenOrderByHeldOnAscIdAsc(studioId, studentId, from, to)
                .stream()
                .filter(note -> !note.toParents.isEmpty())
                .map(note -> new ToParents(note.heldOn, note.toParents))
                .toList();
    }

    /** Writes a note down. */
    @Transactional
    public NoteView add(long studioId, long studentId, NoteRequest form) {
        students.get(studioId, studentId);
        LessonNoteEntity note = new LessonNoteEntity();
        note.studioId = studioId;
        note.studentId = studentId;
        note.heldOn = form.heldOn() == null ? LocalDate.now(clock) : form.heldOn();
        fill(note, form);
        return view(notes.saveAndFlush(note));
    }

    /** Changes a note; refuses when it has been changed since the version the form was loaded in. */
    @Transactional
    NoteView change(long studioId, long id, NoteRequest form) {
        LessonNoteEntity note =
                notes.findByIdAndStudioId(id, studioId).orElseThrow(() -> Problems.notFound("lesson note"));
        if (form.version() == null || form.version() != note.version) {
            throw Problems.conflict("This note was changed elsewhere, perhaps in another window. Load it again.");
        }
        fill(note, form);
        return view(notes.saveAndFlush(note));
    }

    private void fill(LessonNoteEntity note, NoteRequest form) {
        note.text = form.text().strip();
        note.toParents = form.toParents() == null ? "" : form.toParents().strip();
        if (note.text.isEmpty() && note.toParents.isEmpty()) {
            throw Refusal.of("text", "Write something down first.");
        }
        note.writtenBy = Acting.teacher();
        note.writtenAt = clock.instant();
    }

    private NoteView view(LessonNoteEntity note) {
        return view(note, names.of(note.studioId));
    }

    private static NoteView view(LessonNoteEntity note, Map<Long, String> names) {
        return new NoteView(
                note.id,
                note.heldOn,
                note.text,
                note.toParents,
                note.version,
                note.writtenBy == null ? null : names.get(note.writtenBy));
    }
}
