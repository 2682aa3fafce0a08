package pebblestep.app.calendar;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What the API takes and shows of calendars. */
final class CalendarViews {
    private CalendarViews() {}

    /** A day without a lesson: one student's, or without one nobody's. */
    record DayOffView(long id, LocalDate date, @Nullable Long student) {}

    /**
     * A calendar.
     *
     * @param path the private part of its address, behind the address of this server
     * @param zone in which lessons are held
     * @param lessonMinutes how long one lasts
     * @param lessons how many come every week
     * @param days days of practice that stand in it
     * @param bytes how large the file is
     * @param off days without lessons from today on
     */
    record CalendarView(
            String path, String zone, int lessonMinutes, int lessons, int days, long bytes, List<DayOffView> off) {}

    /** How a studio's lessons are to stand. */
    record CalendarWish(
            @NotBlank(message = "Choose a time zone.") @Size(max = 60, message = "Choose a time zone from the list.")
                    String zone,
            @NotNull(message = "Say how long a lesson lasts.")
                    @Min(value = 5, message = "A lesson lasts 5 minutes at least.")
                    @Max(value = 480, message = "A lesson lasts 480 minutes at most.")
                    Integer lessonMinutes) {}

    /** A day on which a student has no lesson, or nobody has. */
    record DayOffWish(@NotNull(message = "Choose the day.") LocalDate date, @Nullable Long student) {}

    /** Whose calendar file is saved: one student's, or without one the studio's. */
    record CalendarFileRequest(@Nullable Long student) {}
}
