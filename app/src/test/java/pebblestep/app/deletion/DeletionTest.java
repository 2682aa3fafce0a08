package pebblestep.app.deletion;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import tools.jackson.databind.JsonNode;

/** What is kept about somebody is handed to them, deleted, taken back within thirty days, and then really gone. */
@ExtendWith(RunningApp.class)
class DeletionTest {
    private Client client;
    private Client teacher;
    private Answer ada;
    private String path;
    private JdbcClient database;
    private Deletion leaving;

    @BeforeEach
    void a_student_with_everything(Client fresh, RunningApp.Server server) {
        client = fresh;
        teacher = client.another().signUp();
        ada = Given.student(teacher, "Ada Reed", "oboe");
        path = "/api/students/" + ada.id();
        long assignment = Given.assigned(teacher, ada).id();
        practising()
                .post("/api/practice/takes", Given.take(assignment, "slips", 60).replace("}", ",\"note\":\"=1+1\"}"));
        practising().post("/api/practice/takes", Given.take(assignment, "clean", 60));
        practising()
                .post(
                        "/api/practice/words",
                        "{\"clientId\":\"%s\",\"text\":\"Hello\",\"saidAt\":\"%s\"}"
                                .formatted(java.util.UUID.randomUUID(), OffsetDateTime.now()));
        teacher.post("/api/assignments/" + assignment + "/place", "{\"at\":[1]}");
        teacher.post("/api/assignments/" + assignment + "/undo", "");
        teacher.post(path + "/lesson-notes", "{\"text\":\"A note about Ada\"}");
        database = server.context().getBean(JdbcClient.class);
        leaving = server.context().getBean(Deletion.class);
    }

    private Client practising() {
        return client.another().byLink(ada.string("practicePath"));
    }

    private Answer delete(String name) {
        return teacher.post(path + "/delete", "{\"name\":\"" + name + "\"}");
    }

    private long rows(String table, String where, long id) {
        return database.sql("select count(*) from " + table + " where " + where)
                .param("id", id)
                .query(Long.class)
                .single();
    }

    @Test
    void every_table_that_points_at_students_or_studios_is_known_here() {
        Set<String> pointing = new TreeSet<>(database.sql(
                        """
                        select distinct lower(table_name) from information_schema.columns
                        where table_schema = 'PUBLIC' and column_name in ('STUDIO_ID', 'STUDENT_ID', 'TEACHER_ID')""")
                .query(String.class)
                .list());
        Set<String> known = KeptTables.OF_A_STUDIO.stream()
                .map(KeptTables.Kept::name)
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(known).containsAll(pointing);
        Set<String> ofStudents = new TreeSet<>(database.sql(
                        """
                        select distinct lower(table_name) from information_schema.columns
                        where table_schema = 'PUBLIC' and column_name = 'STUDENT_ID'""")
                .query(String.class)
                .list());
        assertThat(KeptTables.OF_A_STUDENT)
                .extracting(KeptTables.Kept::name)
                .containsAll(ofStudents)
                .contains("assignment_changes", "key_plan_events", "students");
    }

    @Test
    void everything_about_a_student_is_handed_over() throws Exception {
        JsonNode all = teacher.get(path + "/data").json();
        assertThat(all.at("/students/0/name").asString()).isEqualTo("Ada Reed");
        assertThat(all.get("takes")).hasSize(2);
        assertThat(all.at("/assignments/0/document/title").asString()).isEqualTo("Up and over");
        assertThat(all.get("assignment_changes")).hasSize(2);
        assertThat(all.at("/words_to_teacher/0/text").asString()).isEqualTo("Hello");
        assertThat(all.at("/lesson_notes/0/text").asString()).isEqualTo("A note about Ada");
        assertThat(all.toString()).doesNotContain("link_version").doesNotContain("studio_id");
        Answer csv = teacher.get(path + "/takes.csv");
        assertThat(csv.type()).startsWith("text/csv");
        try (CSVParser rows = CSVParser.parse(
                csv.text(),
                CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .get())) {
            var takes = rows.getRecords();
            assertThat(takes).hasSize(2);
            assertThat(takes.getFirst().get("outcome")).isEqualTo("slips");
            assertThat(takes.getFirst().get("note")).as("no formula").isEqualTo("'=1+1");
            assertThat(takes.getFirst().get("bpm")).startsWith("60");
        }
    }

    @Test
    void a_student_is_deleted_by_name_out_of_sight_and_taken_back_whole() {
        assertThat(delete("Ada Reed").status()).as("only who is put away").isEqualTo(404);
        teacher.post(path + "/archive", "");
        Answer wrong = delete("Ada");
        assertThat(wrong.string("pointer")).isEqualTo("/name");
        assertThat(wrong.string("fits")).isEqualTo("Type \"Ada Reed\".");
        assertThat(delete(" Ada Reed ").status()).isEqualTo(204);
        assertThat(teacher.get(path).status()).isEqualTo(404);
        assertThat(teacher.get("/api/students?archived=true")
                        .json()
                        .get("total")
                        .asInt())
                .isZero();
        assertThat(practising().get("/api/practice/today").status()).isEqualTo(401);
        JsonNode deleted = teacher.get("/api/students/deleted").json();
        assertThat(deleted.at("/0/name").asString()).isEqualTo("Ada Reed");
        assertThat(deleted.at("/0/goneOn").asString())
                .isEqualTo(LocalDate.now().plusDays(30).toString());
        assertThat(client.another().signUp().post(path + "/take-back", "").status())
                .as("another studio")
                .isEqualTo(404);
        leaving.sweep();
        assertThat(teacher.post(path + "/take-back", "").status()).isEqualTo(204);
        teacher.post(path + "/restore", "");
        assertThat(teacher.get(path + "/takes").json().get("total").asInt()).isEqualTo(2);
        assertThat(practising().get("/api/practice/today").status()).isEqualTo(200);
    }

    @Test
    void after_thirty_days_nothing_of_a_student_is_left() {
        Answer other = Given.student(teacher, "Somebody Else", "oboe");
        Given.assigned(teacher, other);
        teacher.post(path + "/archive", "");
        delete("Ada Reed");
        database.sql("update students set deleted_at = ? where id = ?")
                .params(OffsetDateTime.now().minusDays(31), ada.id())
                .update();
        assertThat(teacher.get("/api/students/deleted").json()).isEmpty();
        assertThat(teacher.post(path + "/take-back", "").status()).isEqualTo(404);
        leaving.sweep();
        for (KeptTables.Kept table : KeptTables.OF_A_STUDENT) {
            assertThat(rows(table.name(), table.where(), ada.id()))
                    .as(table.name())
                    .isZero();
        }
        assertThat(teacher.get("/api/students/" + other.id() + "/assignments").json())
                .hasSize(1);
    }

    @Test
    void what_was_over_longer_ago_than_the_studio_keeps_is_gone_and_what_goes_on_stays() {
        long old = Given.assigned(teacher, ada).id();
        long going = Given.assigned(teacher, ada).id();
        practising().post("/api/practice/takes", Given.take(going, "clean", 60));
        for (long id : new long[] {old, going}) {
            database.sql("update assignments set starts_on = ?, ends_on = ? where id = ?")
                    .params(LocalDate.now().minusYears(4), LocalDate.now().minusYears(3), id)
                    .update();
        }
        leaving.sweep();
        assertThat(rows("assignments", "id = :id", old)).as("kept for ever").isEqualTo(1);
        JsonNode settings = teacher.get("/api/settings").json();
        String two = settings.toString().replaceFirst("\\{", "{\"keepYears\":2,");
        assertThat(teacher.put("/api/settings", two).status()).isEqualTo(200);
        assertThat(teacher.get("/api/settings").json().get("keepYears").asInt()).isEqualTo(2);
        leaving.sweep();
        assertThat(rows("assignments", "id = :id", old)).isZero();
        assertThat(rows("assignments", "id = :id", going))
                .as("played last today")
                .isEqualTo(1);
        assertThat(rows("takes", "assignment_id = :id", going)).isEqualTo(1);
        assertThat(practising().get("/api/practice/room").status()).isEqualTo(200);
    }

    @Test
    void a_studio_is_deleted_by_name_and_taken_back_or_gone() {
        String name = teacher.get("/api/session").json().at("/teacher/studio").asString();
        long studio = database.sql("select studio_id from students where id = ?")
                .param(ada.id())
                .query(Long.class)
                .single();
        String typed = "{\"name\":\"" + name + "\"}";
        assertThat(teacher.post("/api/studio/delete", "{\"name\":\"wrong\"}").status())
                .isEqualTo(422);
        assertThat(teacher.post("/api/studio/delete", typed).status()).isEqualTo(204);
        assertThat(teacher.get("/api/desk").status()).isEqualTo(410);
        assertThat(practising().get("/api/practice/today").status()).isEqualTo(401);
        assertThat(teacher.get("/api/session").json().at("/teacher/goneOn").asString())
                .isEqualTo(LocalDate.now().plusDays(30).toString());
        assertThat(teacher.post("/api/studio/take-back", "").status()).isEqualTo(204);
        assertThat(teacher.get("/api/desk").status()).isEqualTo(200);
        assertThat(practising().get("/api/practice/today").status()).isEqualTo(200);
        teacher.post("/api/studio/delete", typed);
        database.sql("update studios set deleted_at = ? where id = ?")
                .params(OffsetDateTime.now().minusDays(31), studio)
                .update();
        leaving.sweep();
        for (KeptTables.Kept table : KeptTables.OF_A_STUDIO) {
            assertThat(rows(table.name(), table.where(), studio))
                    .as(table.name())
                    .isZero();
        }
    }
}
