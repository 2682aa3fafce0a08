package pebblestep.app.students;

import jakarta.validation.constraints.Digits;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Identified;
import pebblestep.core.instrument.Level;
import pebblestep.documents.PlayersHandDocument;
import pebblestep.documents.bench.Catalogue;

/** What the API takes and shows of students. */
public final class StudentViews {
    /** To so many students something can be given at once. */
    public static final int MOST_AT_ONCE = Catalogue.STUDENTS_AT_ONCE;

    private StudentViews() {}

    /**
     * A new student, or a student's changed name and instrument.
     *
     * @param level full without one
     * @param range the student's own written range, such as D4-G5; without one their level's
     * @param referencePitch what they tune to: A4 in hertz, 415 to 466; 440 without one
     * @param minutesADay how long they practise on a day; today's list is trimmed to it
     * @param lessonDay day of the lesson, 1 being Monday
     * @param parentNote what the parents should know, or have said
     * @param className the class they are in; what a class is given, all in it get
     * @param hand what their hand can; as usual without
     * @param version the one that is changed; without it, whatever there is
     */
    public record StudentRequest(
            @NotBlank(message = "Give the student a name.")
                    @Size(max = 80, message = "A name has at most 80 characters.")
                    String name,
            @NotNull(message = "Choose an instrument.") @Size(max = 40, message = "Choose an instrument from the list.")
                    String instrument,
            @Nullable Level level,
            @Nullable @Size(max = 20, message = "Write a range such as D4-G5.") String range,
            @Nullable
                    @Digits(
                            integer = 3,
                            fraction = 2,
                            message = "The reference pitch is a number of hertz such as 442.")
                    BigDecimal referencePitch,
            @Nullable
                    @Min(value = 5, message = "A day has at least 5 minutes.")
                    @Max(value = 600, message = "A day has at most 600 minutes.")
                    Integer minutesADay,
            @Nullable
                    @Min(value = 1, message = "Choose a day of the week.")
                    @Max(value = 7, message = "Choose a day of the week.")
                    Integer lessonDay,
            @Nullable LocalTime lessonTime,
            @Nullable @Size(max = 1000, message = "A note has at most 1000 characters.") String parentNote,
            @Nullable @Size(max = 60, message = "The name of a class has at most 60 characters.") String className,
            @Nullable PlayersHandDocument hand,
            @Nullable Integer version) {
        /** A student who tunes as usual. */
        public StudentRequest(String name, String instrument, @Nullable Level level, @Nullable String range) {
            this(name, instrument, level, range, null, null, null, null, null, null, null, null);
        }
    }

    /**
     * A student as the teacher sees them; the practice path is the private part of the link, the range is what lines
     * must fit, and is the level's unless it is the student's own.
     */
    public record StudentView(
            long id,
            String name,
            PlaysPart instrument,
            Level level,
            LessonPart lesson,
            @Nullable Integer minutesADay,
            @Nullable String parentNote,
            @Nullable String className,
            @Nullable PlayersHandDocument hand,
            String practicePath,
            boolean archived,
            int version) {}

    /**
     * What a student plays.
     *
     * @param range written, as {@code D4-G5}
     * @param ownRange whether that is theirs, and not the usual one of the instrument at their level
     * @param referencePitch in hertz
     */
    public record PlaysPart(
            String id, String name, String family, String range, boolean ownRange, BigDecimal referencePitch) {}

    /** When a student comes; day 1 is Monday. */
    public record LessonPart(@Nullable Integer day, @Nullable LocalTime time) {}

    /** A lesson of the week; day 1 is Monday. */
    public record TimetableRow(long studentId, String name, String instrument, int day, @Nullable LocalTime time) {}

    /** A list of students as CSV. */
    public record StudentsText(
            @NotBlank(message = "Paste the list, or choose a file.")
                    @Size(max = 100_000, message = "A list has at most 100000 characters.")
                    String text) {}

    /**
     * A line of a list of students.
     *
     * @param instrument its name, where it is known here
     * @param refusal why it cannot be taken; null where it can
     */
    public record StudentRow(int line, String name, @Nullable String instrument, @Nullable String refusal) {}

    /** What comes of a list: its lines, and how many were taken; none in a preview. */
    public record StudentsRead(int taken, List<StudentRow> lines) {}

    /** The ends of a range. */
    public enum RangeEnd implements Identified {
        TOP,
        BOTTOM
    }

    /** Whether a student's own range grows at its top or at its bottom, by a semitone. */
    public record RangeStep(
            @NotNull(message = "Say where it grows: top or bottom.") RangeEnd end,
            @Min(value = -1, message = "A range changes note by note.")
                    @Max(value = 1, message = "A range changes note by note.")
                    int notes) {}
}
