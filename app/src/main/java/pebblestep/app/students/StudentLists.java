package pebblestep.app.students;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.students.StudentViews.StudentRequest;
import pebblestep.app.students.StudentViews.StudentRow;
import pebblestep.app.students.StudentViews.StudentView;
import pebblestep.app.students.StudentViews.StudentsRead;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Level;
import pebblestep.exchange.StudentList;

/** Reads lists of students. */
@Service
class StudentLists {
    private final StudentService students;
    private final InstrumentService instruments;
    private final Validator rules;

    StudentLists(StudentService students, InstrumentService instruments, Validator rules) {
        this.rules = rules;
        this.students = students;
        this.instruments = instruments;
    }

    /** What would come of a list; nobody is added. */
    @Transactional(readOnly = true)
    StudentsRead preview(long studioId, String text) {
        return new StudentsRead(
                0, checked(studioId, text).stream().map(Checked::line).toList());
    }

    /** Adds those of a list that can be. */
    @Transactional
    StudentsRead read(long studioId, String text) {
        List<Checked> lines = checked(studioId, text);
        int taken = 0;
        for (Checked checked : lines) {
            if (checked.form == null) continue;
            students.add(studioId, checked.form);
            taken++;
        }
        return new StudentsRead(taken, lines.stream().map(Checked::line).toList());
    }

    private record Checked(StudentRow line, @Nullable StudentRequest form) {}

    private List<Checked> checked(long studioId, String text) {
        InstrumentBook book = instruments.book(studioId);
        Set<String> names = new HashSet<>();
        for (StudentView there : students.everybody(studioId))
            names.add(there.name().toLowerCase(Locale.ROOT));
        List<Checked> checked = new ArrayList<>();
        for (StudentList.Read read : StudentList.read(text)) {
            if (read.entry().isEmpty()) {
                checked.add(new Checked(new StudentRow(read.line(), "", null, read.refusal()), null));
                continue;
            }
            checked.add(checked(read.entry().get(), book, names));
        }
        return checked;
    }

    /** A line is held against the same rules as the form that is filled in by hand. */
    private Checked checked(StudentList.Entry entry, InstrumentBook book, Set<String> names) {
        try {
            Instrument instrument = book.named(entry.instrument());
            StudentRequest form = form(entry, instrument);
            for (ConstraintViolation<StudentRequest> wrong : rules.validate(form)) throw Refusal.of(wrong.getMessage());
            students.require(form);
            if (!names.add(entry.name().toLowerCase(Locale.ROOT))) {
                throw Refusal.of("There is a student of that name already.");
            }
            return new Checked(new StudentRow(entry.line(), entry.name(), instrument.name(), null), form);
        } catch (Refusal e) {
            return new Checked(new StudentRow(entry.line(), entry.name(), null, e.getMessage()), null);
        }
    }

    private static StudentRequest form(StudentList.Entry entry, Instrument instrument) {
        return new StudentRequest(
                entry.name(),
                instrument.id(),
                entry.level().map(Level::of).orElse(null),
                entry.range().orElse(null),
                null,
                entry.minutes().orElse(null),
                entry.lessonDay().map(day -> day.getValue()).orElse(null),
                entry.lessonTime().orElse(null),
                entry.note().orElse(null),
                entry.className().orElse(null),
                null,
                null);
    }
}
