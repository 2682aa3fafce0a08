package pebblestep.app.students;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.students.StudentViews.StudentForm;
import pebblestep.app.students.StudentViews.StudentLine;
import pebblestep.app.students.StudentViews.StudentView;
import pebblestep.app.students.StudentViews.StudentsRead;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Level;
import pebblestep.core.instrument.PitchRange;
import pebblestep.exchange.StudentList;

/** Reads lists of students. */
@Service
class StudentLists {
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_NOTE = 1000;
    private static final int FEWEST_MINUTES = 5;
    private static final int MOST_MINUTES = 600;

    private final StudentService students;
    private final InstrumentService instruments;

    StudentLists(StudentService students, InstrumentService instruments) {
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

    private record Checked(StudentLine line, StudentForm form) {}

    private List<Checked> checked(long studioId, String text) {
        InstrumentBook book = instruments.book(studioId);
        Set<String> names = new HashSet<>();
        for (StudentView there : students.everybody(studioId))
            names.add(there.name().toLowerCase(Locale.ROOT));
        List<Checked> checked = new ArrayList<>();
        for (StudentList.Read read : StudentList.read(text)) {
            if (read.entry().isEmpty()) {
                checked.add(new Checked(new StudentLine(read.line(), "", null, read.refusal()), null));
                continue;
            }
            StudentList.Entry entry = read.entry().get();
            try {
                Instrument instrument = book.named(entry.instrument());
                require(entry, names);
                checked.add(new Checked(
                        new StudentLine(entry.line(), entry.name(), instrument.name(), null), form(entry, instrument)));
            } catch (Refusal e) {
                checked.add(new Checked(new StudentLine(entry.line(), entry.name(), null, e.getMessage()), null));
            }
        }
        return checked;
    }

    private static void require(StudentList.Entry entry, Set<String> names) {
        if (entry.name().length() > LONGEST_NAME) throw Refusal.of("A name has at most 80 characters.");
        if (entry.note().filter(note -> note.length() > LONGEST_NOTE).isPresent()) {
            throw Refusal.of("A note has at most 1000 characters.");
        }
        boolean inDay = entry.minutes()
                .map(minutes -> minutes >= FEWEST_MINUTES && minutes <= MOST_MINUTES)
                .orElse(true);
        if (!inDay) throw Refusal.of("A day has 5 to 600 minutes.");
        entry.level().ifPresent(Level::of);
        entry.range().ifPresent(range -> PitchRange.parse(range.replace(" ", "")));
        if (!names.add(entry.name().toLowerCase(Locale.ROOT))) {
            throw Refusal.of("There is a student of that name already.");
        }
    }

    private static StudentForm form(StudentList.Entry entry, Instrument instrument) {
        return new StudentForm(
                entry.name(),
                instrument.id(),
                entry.level().orElse(null),
                entry.range().orElse(null),
                null,
                entry.minutes().orElse(null),
                entry.lessonDay().map(day -> day.getValue()).orElse(null),
                entry.lessonTime().orElse(null),
                entry.note().orElse(null),
                entry.className().orElse(null));
    }
}
