package pebblestep.app.students;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/** What the API takes and shows of students. */
public final class StudentViews {
    private StudentViews() {}

    /** A new student, or a student's changed name and instrument. */
    public record StudentForm(
            @NotBlank(message = "Give the student a name.")
                    @Size(max = 80, message = "A name has at most 80 characters.")
                    String name,
            @NotNull(message = "Choose an instrument.") String instrument) {}

    /** A student as the teacher sees them; the practice path is the private part of the link. */
    public record StudentView(
            long id, String name, String instrument, String instrumentName, String practicePath, boolean archived) {}
}
