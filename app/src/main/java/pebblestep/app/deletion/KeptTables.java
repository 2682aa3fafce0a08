package pebblestep.app.deletion;

import java.util.List;

/** Every table that holds something about a student, or else of a studio, in an order in which rows can be taken away. */
final class KeptTables {
    private KeptTables() {}

    /**
     * One table.
     *
     * @param name what it is called, in the database and to whoever is handed it
     * @param where which of its rows are somebody's, with {@code :id} for them
     */
    record Kept(String name, String where) {}

    private static final String THEIRS = "student_id = :id";

    /** What there is about a student, those that others point at last. */
    static final List<Kept> OF_A_STUDENT = List.of(
            new Kept("letters", THEIRS),
            new Kept("calendar_renewals", THEIRS),
            new Kept("lessons_off", THEIRS),
            new Kept("quiz_answers", THEIRS),
            new Kept("required_scales", THEIRS),
            new Kept("lesson_notes", THEIRS),
            new Kept("words_to_teacher", THEIRS),
            new Kept("takes", THEIRS),
            new Kept("standings", THEIRS),
            new Kept("assignment_changes", "assignment_id in (select id from assignments where student_id = :id)"),
            new Kept("assignments", THEIRS),
            new Kept("key_plan_events", "plan_id in (select id from key_plans where student_id = :id)"),
            new Kept("key_plans", THEIRS),
            new Kept("students", "id = :id"));

    /** What there is about one step that was given. */
    static final List<Kept> OF_AN_ASSIGNMENT = List.of(
            new Kept("takes", "assignment_id = :id"),
            new Kept("standings", "assignment_id = :id"),
            new Kept("assignment_changes", "assignment_id = :id"),
            new Kept("assignments", "id = :id"));

    private static final String ITS_OWN = "studio_id = :id";

    /** What there is of a studio. */
    static final List<Kept> OF_A_STUDIO = List.of(
            new Kept("letters", ITS_OWN),
            new Kept("mail_servers", ITS_OWN),
            new Kept("studio_calendars", ITS_OWN),
            new Kept("calendar_renewals", ITS_OWN),
            new Kept("lessons_off", ITS_OWN),
            new Kept("quiz_answers", ITS_OWN),
            new Kept("required_scales", ITS_OWN),
            new Kept("lesson_notes", ITS_OWN),
            new Kept("words_to_teacher", ITS_OWN),
            new Kept("takes", ITS_OWN),
            new Kept("standings", ITS_OWN),
            new Kept("assignment_changes", ITS_OWN),
            new Kept("assignments", ITS_OWN),
            new Kept("key_plan_events", ITS_OWN),
            new Kept("key_plans", ITS_OWN),
            new Kept("steps", ITS_OWN),
            new Kept("routines", ITS_OWN),
            new Kept("students", ITS_OWN),
            new Kept("studio_instruments", ITS_OWN),
            new Kept(
                    "account_tokens",
                    "studio_id = :id or teacher_id in (select id from teachers where studio_id = :id)"),
            new Kept("teachers", ITS_OWN),
            new Kept("studios", "id = :id"));

    /** Columns that point at other rows of their own table: let go of before rows are taken away. */
    static boolean pointsAtItself(String table) {
        return table.equals("assignment_changes") || table.equals("key_plan_events");
    }
}
