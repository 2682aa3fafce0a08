package pebblestep.app.deletion;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.goals.GoalService;
import pebblestep.app.goals.GoalViews.RequiredView;
import pebblestep.app.practice.PracticeService;
import pebblestep.app.progress.KeyPathService;
import pebblestep.app.progress.ProgressViews.FormView;
import pebblestep.app.progress.ProgressViews.StoneView;
import pebblestep.app.students.StudentService;
import pebblestep.app.students.StudentViews.StudentView;
import pebblestep.core.Identified;
import pebblestep.core.Refusal;
import pebblestep.core.scale.Forms;
import pebblestep.exchange.CsvText;

/**
 * Tables for a spreadsheet (RFC 4180), of one student or of a whole studio. Students and required scales have the columns
 * by which the same lists are read in.
 */
@Service
class Tables {
    private static final int DAYS_BACK = 365;
    private static final double SECONDS = 60;

    private final StudentService students;
    private final KeyPathService keys;
    private final GoalService goals;
    private final PracticeService practice;
    private final Handing handing;
    private final Clock clock;

    Tables(
            StudentService students,
            KeyPathService keys,
            GoalService goals,
            PracticeService practice,
            Handing handing,
            Clock clock) {
        this.students = students;
        this.keys = keys;
        this.goals = goals;
        this.practice = practice;
        this.handing = handing;
        this.clock = clock;
    }

    /** What there are tables of. */
    enum Table implements Identified {
        TAKES,
        STANDINGS,
        STUDENTS,
        REQUIRED,
        MINUTES
    }

    /** Writes a table; without a student it is everybody's, but for takes. */
    @Transactional(readOnly = true)
    public void write(long studioId, Table table, @Nullable Long student, OutputStream out) throws IOException {
        if (table == Table.TAKES) {
            if (student == null) {
                throw Refusal.of("student", "Takes are taken away one student at a time.")
                        .fits("All of them are in the studio's archive.");
            }
            students.get(studioId, student);
            handing.takes(student, out);
            return;
        }
        List<StudentView> whose =
                student == null ? students.everybody(studioId) : List.of(students.get(studioId, student));
        Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        CSVPrinter csv =
                CSVFormat.RFC4180.builder().setHeader(columns(table)).get().print(writer);
        for (StudentView one : whose) rows(studioId, table, one, csv);
        csv.flush();
    }

    private static String[] columns(Table table) {
        return switch (table) {
            case STANDINGS ->
                new String[] {
                    "student",
                    "key",
                    "form",
                    "rings",
                    "takes",
                    "clean",
                    "best tempo",
                    "best notes a second",
                    "last day",
                    "standing",
                    "sentence"
                };
            case STUDENTS ->
                new String[] {
                    "name", "instrument", "level", "range", "minutes", "lesson day", "lesson time", "class", "note"
                };
            case REQUIRED ->
                new String[] {"student", "key", "form", "octaves", "value", "tempo", "date", "standing", "sentence"};
            case MINUTES -> new String[] {"student", "day", "minutes"};
            case TAKES -> throw new IllegalStateException("written elsewhere");
        };
    }

    private void rows(long studioId, Table table, StudentView student, CSVPrinter csv) {
        switch (table) {
            case STANDINGS ->
                keys.keyPath(studioId, student.id()).stones().stream()
                        .map(StoneView::forms)
                        .flatMap(List::stream)
                        .forEach(form -> row(csv, standing(student, form)));
            case STUDENTS -> row(csv, of(student));
            case REQUIRED -> goals.list(studioId, student.id()).forEach(goal -> row(csv, required(student, goal)));
            case MINUTES -> {
                LocalDate today = LocalDate.now(clock);
                Map<LocalDate, Long> seconds =
                        practice.secondsByDay(studioId, student.id(), today.minusDays(DAYS_BACK), today);
                new TreeMap<>(seconds).forEach((day, some) -> row(csv, student.name(), day, minutes(some)));
            }
            case TAKES -> throw new IllegalStateException("written elsewhere");
        }
    }

    private static long minutes(long seconds) {
        return Math.round(seconds / SECONDS);
    }

    private static @Nullable Object[] standing(StudentView student, FormView form) {
        return new @Nullable Object[] {
            student.name(),
            form.key(),
            form.form(),
            form.rings(),
            form.takes(),
            form.clean(),
            form.bestBpm(),
            form.bestNotesPerSecond(),
            form.lastDay(),
            form.kind().id(),
            form.sentence()
        };
    }

    private static @Nullable Object[] of(StudentView student) {
        Integer day = student.lesson().day();
        return new @Nullable Object[] {
            student.name(),
            student.instrument().name(),
            student.level().id(),
            student.instrument().ownRange() ? student.instrument().range() : null,
            student.minutesADay(),
            day == null ? null : DayOfWeek.of(day).getDisplayName(TextStyle.FULL, Locale.ENGLISH),
            student.lesson().time(),
            student.className(),
            student.parentNote()
        };
    }

    private static @Nullable Object[] required(StudentView student, RequiredView goal) {
        return new @Nullable Object[] {
            student.name(),
            goal.tonic(),
            Forms.of(goal.form()).name(),
            goal.octaves(),
            goal.value(),
            goal.bpm(),
            goal.date(),
            goal.kind().id(),
            goal.sentence()
        };
    }

    private static void row(CSVPrinter csv, @Nullable Object... values) {
        try {
            List<@Nullable Object> plain = new ArrayList<>();
            Arrays.stream(values)
                    .forEach(value -> plain.add(value instanceof String text ? CsvText.harmless(text) : value));
            csv.printRecord(plain);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
