package pebblestep.app.students;

import java.time.Clock;
import java.util.Optional;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.platform.PageOf;
import pebblestep.app.platform.PracticeLinkReader;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.platform.Problems;
import pebblestep.app.students.StudentViews.StudentForm;
import pebblestep.app.students.StudentViews.StudentView;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Instruments;

/** Keeps the students of a studio. */
@Service
public class StudentService implements PracticeLinkReader {
    private final StudentRepository students;
    private final LinkTokens tokens;
    private final Clock clock;

    StudentService(StudentRepository students, LinkTokens tokens, Clock clock) {
        this.students = students;
        this.tokens = tokens;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public PageOf<StudentView> list(long studioId, boolean archived, int page) {
        return PageOf.of(
                students.findByStudioIdAndArchived(
                        studioId, archived, PageOf.request(page, Sort.by("name").and(Sort.by("id")))),
                this::view);
    }

    @Transactional(readOnly = true)
    public StudentView get(long studioId, long id) {
        return view(find(studioId, id));
    }

    @Transactional
    public StudentView add(long studioId, StudentForm form) {
        StudentEntity student = new StudentEntity();
        student.studioId = studioId;
        student.linkVersion = 1;
        student.createdAt = clock.instant();
        return view(students.save(filled(student, form)));
    }

    @Transactional
    public StudentView change(long studioId, long id, StudentForm form) {
        return view(filled(find(studioId, id), form));
    }

    private static StudentEntity filled(StudentEntity student, StudentForm form) {
        student.name = form.name().strip();
        student.instrument = Instruments.of(form.instrument()).id();
        return student;
    }

    /** Makes a new practice link; the old one stops working at once. */
    @Transactional
    public StudentView renewLink(long studioId, long id) {
        StudentEntity student = find(studioId, id);
        student.linkVersion++;
        return view(student);
    }

    /** Puts a student away, or takes them back; nothing of theirs is lost, and their link rests meanwhile. */
    @Transactional
    public StudentView archive(long studioId, long id, boolean archived) {
        StudentEntity student = find(studioId, id);
        student.archived = archived;
        return view(student);
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<PracticeVisitor> visitor(String token) {
        return tokens.studentId(token)
                .flatMap(students::findById)
                .filter(student -> !student.archived && tokens.isSealed(token, student.id, student.linkVersion))
                .map(student -> new PracticeVisitor(student.id, student.studioId));
    }

    private StudentEntity find(long studioId, long id) {
        return students.findByIdAndStudioId(id, studioId).orElseThrow(() -> Problems.notFound("student"));
    }

    private StudentView view(StudentEntity student) {
        Instrument instrument = Instruments.of(student.instrument);
        return new StudentView(
                student.id,
                student.name,
                instrument.id(),
                instrument.name(),
                "/p/" + tokens.token(student.id, student.linkVersion),
                student.archived);
    }
}
