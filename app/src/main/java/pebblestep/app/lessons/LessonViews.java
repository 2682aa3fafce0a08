package pebblestep.app.lessons;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.app.goals.GoalViews.RequiredView;
import pebblestep.app.keyplans.KeyPlanViews.KeyPlanView;
import pebblestep.app.practice.PracticeViews.WordView;
import pebblestep.app.progress.ProgressViews.DeskWork;
import pebblestep.core.practice.Came;

/** What the API takes and shows of lessons. */
public final class LessonViews {
    private LessonViews() {}

    /** A day and how long was practised on it. */
    public record DayMinutes(LocalDate day, int minutes) {}

    /**
     * How one thing moved since the last lesson.
     *
     * @param from the rung then, in words; the start for something new
     * @param to the rung now
     * @param move where that is, seen from where they were
     */
    public record MovedView(
            long assignmentId, String title, String key, String from, String to, Came move, int takes, int clean) {}

    /**
     * What slipped in one key since the last lesson.
     *
     * @param worst what slipped most, in a clause
     * @param sentences everything, most often first
     */
    public record SlipView(String key, String worst, List<String> sentences) {}

    /** Whose lesson it is, and what was agreed about their practice. */
    public record LearnerPart(
            long id, String name, String instrument, @Nullable Integer minutesADay, @Nullable String parentNote) {}

    /**
     * When the lesson is, and since when there was none.
     *
     * @param day of the week, from 1 for Monday
     * @param since the day of the lesson before, or a week ago
     * @param hadLesson whether there was a lesson before
     */
    public record LessonTimes(@Nullable Integer day, @Nullable LocalTime time, LocalDate since, boolean hadLesson) {}

    /**
     * What was practised since the lesson before.
     *
     * @param sentence how much it was
     * @param minutes day by day, at most the last 28
     */
    public record PractisedPart(
            String sentence, List<DayMinutes> minutes, List<MovedView> moved, List<SlipView> slips) {}

    /**
     * Everything that a lesson needs in one look.
     *
     * @param works what the student works on, with what can be decided
     * @param words what the student wrote since the lesson before
     * @param required what has to be ready by a day
     */
    public record LessonCard(
            LearnerPart student,
            LessonTimes lesson,
            PractisedPart practised,
            List<DeskWork> works,
            List<WordView> words,
            List<RequiredView> required,
            List<KeyPlanView> plans,
            List<NoteView> notes) {}

    /**
     * What was written down in a lesson.
     *
     * @param by the teacher who wrote it; absent where there is one alone, or nobody knows
     */
    public record NoteView(
            long id, LocalDate heldOn, String text, String toParents, int version, @Nullable String by) {}

    /**
     * Something to write down.
     *
     * @param heldOn the day of the lesson; today without one
     * @param toParents the part that the parents' page shows
     * @param version the version that was loaded; not needed for a new one
     */
    public record NoteRequest(
            @Nullable LocalDate heldOn,
            @NotNull(message = "Write something down.")
                    @Size(max = 2000, message = "A note has at most 2000 characters.")
                    String text,
            @Nullable @Size(max = 1000, message = "A word to the parents has at most 1000 characters.")
                    String toParents,
            @Nullable Integer version) {}

    /** A month in plain words, for a parent. */
    public record ReportView(
            String student,
            String studio,
            String month,
            String practised,
            List<DayMinutes> minutes,
            List<String> learned,
            List<String> growing,
            List<String> kept,
            List<String> required,
            List<ToParents> fromLessons) {}

    /** What the teacher wrote for the parents in a lesson. */
    public record ToParents(LocalDate day, String text) {}
}
