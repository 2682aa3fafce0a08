package pebblestep.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import pebblestep.app.Given;
import pebblestep.core.climb.Climb;
import pebblestep.exchange.ClimbJson;

/** A studio that was kept by an older version loses nothing when the new one starts on its data. */
class MigrationTest {
    private final String url = "jdbc:h2:mem:" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1";

    private void migrate(String target) {
        Flyway.configure()
                .dataSource(url, "sa", "")
                .locations("classpath:db/migration")
                .target(target)
                .load()
                .migrate();
    }

    @Test
    void a_ladder_becomes_a_climb_of_the_same_tempos() throws SQLException {
        migrate("3");
        try (Connection connection = DriverManager.getConnection(url, "sa", "");
                Statement sql = connection.createStatement()) {
            String now = studio(sql);
            String document = "'" + Given.STEP.replace("'", "''") + "' format json";
            sql.execute("insert into steps (studio_id, title, document, ladder_from, ladder_to, ladder_by, archived,"
                    + " version, updated_at, routine_id) values (1, 'S', " + document
                    + ", 60, 97.5, 2.5, false, 0, " + now + ", 1)");
            sql.execute("insert into assignments (studio_id, student_id, step_id, title, document, ladder_from,"
                    + " ladder_to, ladder_by, starts_on, ends_on, daily_minutes, ended, created_at) values (1, 1, 1, 'S', "
                    + document + ", 60, 100, 8, date '2026-03-02', date '2026-03-16', 8, false, " + now + ")");
            migrate("latest");
            assertThat(climb(sql, "steps").axes().get(0).ladder().rungs())
                    .hasSize(16)
                    .startsWith(bpm("60"));
            assertThat(climb(sql, "steps").axes().get(0).ladder().target()).isEqualTo(bpm("97.5"));
            assertThat(climb(sql, "assignments").axes().get(0).ladder().rungs())
                    .hasToString("[60, 68, 76, 84, 92, 100]");
        }
    }

    @Test
    void takes_and_assignments_stay_when_standings_and_key_plans_come() throws SQLException {
        migrate("6");
        try (Connection connection = DriverManager.getConnection(url, "sa", "");
                Statement sql = connection.createStatement()) {
            String now = studio(sql);
            String json = "'" + Given.STEP.replace("'", "''") + "' format json";
            String climb = "'" + Given.CLIMB + "' format json";
            sql.execute(
                    "insert into steps (studio_id, title, document, climb, archived, version, updated_at, routine_id)"
                            + " values (1, 'S', " + json + ", " + climb + ", false, 0, " + now + ", 1)");
            sql.execute("insert into assignments (studio_id, student_id, step_id, title, document, climb, starts_on,"
                    + " daily_minutes, ended, created_at) values (1, 1, 1, 'S', " + json + ", " + climb
                    + ", date '2026-03-02', 8, false, " + now + ")");
            sql.execute(
                    "insert into takes (studio_id, student_id, assignment_id, client_id, bpm, outcome, note, taken_at,"
                            + " taken_on, received_at) values (1, 1, 1, random_uuid(), 60, 'CLEAN', '', " + now
                            + ", date '2026-03-02', " + now + ")");
            migrate("latest");
            try (ResultSet rows = sql.executeQuery(
                    "select a.overtaken, a.plan_id, (select count(*) from takes t where t.assignment_id = a.id),"
                            + " (select count(*) from standings) from assignments a")) {
                assertThat(rows.next()).isTrue();
                assertThat(rows.getBoolean(1)).isFalse();
                assertThat(rows.getObject(2)).isNull();
                assertThat(rows.getInt(3)).isEqualTo(1);
                assertThat(rows.getInt(4)).as("worked out when it is asked for").isZero();
            }
        }
    }

    @Test
    void a_title_made_of_a_key_is_said_with_its_sign_and_one_that_was_written_stays() throws SQLException {
        migrate("11");
        try (Connection connection = DriverManager.getConnection(url, "sa", "");
                Statement sql = connection.createStatement()) {
            String now = studio(sql);
            String json = "'" + Given.STEP.replace("'", "''") + "' format json";
            String climb = "'" + Given.CLIMB + "' format json";
            String[] titles = {"Db major, one octave up", "Ebb and flow", "F# dorian, one octave up"};
            String[] keys = {"Db major", "Db major", "F# dorian"};
            for (int i = 0; i < titles.length; i++) {
                sql.execute("insert into steps (studio_id, title, document, climb, in_key, rungs, seconds, profile,"
                        + " archived, version, updated_at, routine_id) values (1, '" + titles[i] + "', " + json + ", "
                        + climb + ", '" + keys[i] + "', 1, 60, '1.0', false, 0, " + now + ", 1)");
                sql.execute(
                        "insert into assignments (studio_id, student_id, step_id, title, document, climb, starts_on,"
                                + " daily_minutes, ended, created_at) values (1, 1, " + (i + 1) + ", '" + titles[i]
                                + "', " + json
                                + ", " + climb + ", date '2026-03-02', 8, false, " + now + ")");
            }
            migrate("latest");
            assertThat(lines(sql, "select title || ' | ' || in_key || ' | ' || tonic || ' | ' || minor_key from steps"))
                    .containsExactly(
                            "D♭ major, one octave up | D♭ major | Db | FALSE",
                            "Ebb and flow | D♭ major | Db | FALSE",
                            "F♯ dorian, one octave up | F♯ dorian | F# | TRUE");
            assertThat(lines(sql, "select title from assignments"))
                    .containsExactly("D♭ major, one octave up", "Ebb and flow", "F♯ dorian, one octave up");
        }
    }

    /** A studio with a student and a routine; the answer is the time of all of it. */
    private static String studio(Statement sql) throws SQLException {
        String now = "timestamp with time zone '2026-03-02 10:00:00+00:00'";
        sql.execute("insert into studios (name, created_at) values ('Old', " + now + ")");
        sql.execute("insert into students (studio_id, name, instrument, link_version, archived, version, created_at)"
                + " values (1, 'A', 'oboe', 1, false, 0, " + now + ")");
        sql.execute("insert into routines (studio_id, title, archived, version, updated_at)"
                + " values (1, 'R', false, 0, " + now + ")");
        return now;
    }

    private static List<String> lines(Statement sql, String query) throws SQLException {
        List<String> lines = new ArrayList<>();
        try (ResultSet rows = sql.executeQuery(query + " order by id")) {
            while (rows.next()) lines.add(rows.getString(1));
        }
        return lines;
    }

    private static pebblestep.core.rhythm.Bpm bpm(String text) {
        return pebblestep.core.rhythm.Bpm.parse(text);
    }

    private static Climb climb(Statement sql, String table) throws SQLException {
        try (ResultSet rows = sql.executeQuery("select cast(climb as varchar) from " + table)) {
            assertThat(rows.next()).isTrue();
            return ClimbJson.read(rows.getString(1));
        }
    }
}
