package pebblestep.app.archive;

import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A table that an archive carries. Rows point at each other by their lines, so that ids mean nothing outside.
 *
 * @param name what it is called in the database and in the archive
 * @param pointers columns that point at rows of a table
 * @param left columns that stay behind: what is made anew where it arrives, and what is a secret
 * @param ofStudio which rows a studio has, with {@code :studio}
 * @param ofStudent which of them belong to one student, with {@code :student} and {@code :steps}
 */
record CarriedTable(String name, Map<String, String> pointers, Set<String> left, String ofStudio, String ofStudent) {
    static final String TEACHERS = "teachers";
    static final String STUDENTS = "students";
    static final String INSTRUMENTS = "studio_instruments";
    static final String STEPS = "steps";
    static final String ROUTINES = "routines";
    static final String ASSIGNMENTS = "assignments";
    static final String PLANS = "key_plans";
    static final String TAKES = "takes";

    /** Where a student's instrument is the studio's own, its line stands behind this. */
    static final String OWN = "own-";

    private static final String HERE = "studio_id + 0 = :studio";
    private static final String THEIRS = "student_id = :student";
    private static final Set<String> ALWAYS_LEFT = Set.of("id", "studio_id", "version");
    private static final String OF_THEIR_ASSIGNMENTS =
            "assignment_id in (select id from assignments where student_id = :student)";

    /** Those who gave, decided or wrote something: their names, so that it stays theirs. */
    private static final String NAMED =
            """
            id in (select given_by from assignments where studio_id = :studio
              union select decided_by from assignment_changes where studio_id = :studio
              union select decided_by from key_plan_events where studio_id = :studio
              union select written_by from lesson_notes where studio_id = :studio)""";

    private static final String NAMED_FOR_ONE =
            """
            id in (select given_by from assignments where student_id = :student
              union select decided_by from assignment_changes where assignment_id in
                (select id from assignments where student_id = :student)
              union select decided_by from key_plan_events where plan_id in
                (select id from key_plans where student_id = :student)
              union select written_by from lesson_notes where student_id = :student)""";

    /** All of them; what is pointed at stands before what points. */
    static final List<CarriedTable> ALL = List.of(
            new CarriedTable(
                    TEACHERS,
                    Map.of(),
                    Set.of("email", "password_hash", "role", "left_at", "epoch"),
                    HERE + " and " + NAMED,
                    NAMED_FOR_ONE),
            new CarriedTable(
                    INSTRUMENTS,
                    Map.of(),
                    Set.of(),
                    HERE,
                    "'own-' || id = (select instrument from students where id = :student)"),
            new CarriedTable(
                    STUDENTS,
                    Map.of(),
                    Set.of("link_version", "deleted_at"),
                    HERE + " and deleted_at is null",
                    "id = :student and deleted_at is null"),
            new CarriedTable(
                    ROUTINES, Map.of(), Set.of(), HERE, "id in (select routine_id from steps where id in (:steps))"),
            new CarriedTable(STEPS, Map.of("routine_id", ROUTINES), Set.of(), HERE, "id in (:steps)"),
            new CarriedTable(PLANS, Map.of("student_id", STUDENTS), Set.of(), HERE, THEIRS),
            new CarriedTable(
                    "key_plan_events",
                    Map.of("plan_id", PLANS, "undoes", "key_plan_events", "decided_by", TEACHERS),
                    Set.of(),
                    HERE,
                    "plan_id in (select id from key_plans where student_id = :student)"),
            new CarriedTable(
                    ASSIGNMENTS,
                    Map.of("student_id", STUDENTS, "step_id", STEPS, "plan_id", PLANS, "given_by", TEACHERS),
                    Set.of(),
                    HERE,
                    THEIRS),
            new CarriedTable(
                    "assignment_changes",
                    Map.of("assignment_id", ASSIGNMENTS, "undoes", "assignment_changes", "decided_by", TEACHERS),
                    Set.of(),
                    HERE,
                    OF_THEIR_ASSIGNMENTS),
            new CarriedTable(
                    TAKES, Map.of("student_id", STUDENTS, "assignment_id", ASSIGNMENTS), Set.of(), HERE, THEIRS),
            new CarriedTable("lessons_off", Map.of("student_id", STUDENTS), Set.of(), HERE, THEIRS),
            new CarriedTable("words_to_teacher", Map.of("student_id", STUDENTS), Set.of(), HERE, THEIRS),
            new CarriedTable(
                    "lesson_notes", Map.of("student_id", STUDENTS, "written_by", TEACHERS), Set.of(), HERE, THEIRS),
            new CarriedTable("required_scales", Map.of("student_id", STUDENTS), Set.of(), HERE, THEIRS),
            new CarriedTable("quiz_answers", Map.of("student_id", STUDENTS), Set.of(), HERE, THEIRS));

    /** What an archive may hold beside its manifest, in the order in which it is read. */
    static List<String> names() {
        return java.util.stream.Stream.concat(
                        java.util.stream.Stream.of(ArchiveOut.STUDIO),
                        ALL.stream().map(CarriedTable::name))
                .toList();
    }

    /** Whether a column stays behind. */
    boolean leaves(String column) {
        return ALWAYS_LEFT.contains(column) || left.contains(column);
    }

    /** Whether other rows point at rows of this table. */
    boolean isPointedAt() {
        return ALL.stream().anyMatch(table -> table.pointers.containsValue(name)) || name.equals(INSTRUMENTS);
    }
}
