package pebblestep.app.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static pebblestep.app.archive.Archived.changed;
import static pebblestep.app.archive.Archived.entries;
import static pebblestep.app.archive.Archived.text;
import static pebblestep.app.archive.Archived.zip;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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

/** A studio leaves as one file and is the same where it arrives; a file that is not whole changes nothing. */
@ExtendWith(RunningApp.class)
class ArchiveTest {
    private Client client;
    private Client teacher;
    private Answer ada;
    private JdbcClient database;

    @BeforeEach
    void a_studio_with_everything(Client fresh, RunningApp.Server server) {
        client = fresh;
        database = server.context().getBean(JdbcClient.class);
        teacher = client.another().signUp();
        ada = Archived.everything(client, teacher);
    }

    private byte[] saved() {
        return teacher.download("/api/exports/archive", "{}");
    }

    private Answer taken(Client by, byte[] archive) {
        Answer found = by.upload("/api/archives", archive);
        if (found.status() != 200) return found;
        return by.post("/api/archives/" + found.string("id") + "/take");
    }

    @Test
    void an_empty_studio_becomes_the_one_that_arrives_and_writes_the_same() throws IOException {
        byte[] archive = saved();
        Client other = client.another().signUp();
        Answer found = other.upload("/api/archives", archive);
        assertThat(found.status()).as(found.text()).isEqualTo(200);
        assertThat(found.string("becomes")).isEqualTo("true");
        assertThat(found.json().get("counts").toString())
                .contains("\"2 students\"", "\"2 takes\"", "\"1 instrument of its own\"");
        assertThat(other.get("/api/students").json().get("total").asInt()).isZero();

        Answer taken = other.post("/api/archives/" + found.string("id") + "/take");
        assertThat(taken.status()).as(taken.text()).isEqualTo(200);
        assertThat(taken.string("state")).isEqualTo("taken");
        assertThat(other.get("/api/students").json().get("total").asInt()).isEqualTo(2);

        Map<String, byte[]> before = entries(archive);
        Map<String, byte[]> after = entries(other.download("/api/exports/archive", "{}"));
        assertThat(after.keySet()).isEqualTo(before.keySet());
        for (String name : before.keySet()) {
            if (name.equals("manifest.json")) continue;
            assertThat(text(after, name)).as(name).isEqualTo(text(before, name));
        }
        assertThat(text(before, "takes.jsonl").lines()).hasSize(2);
        assertThat(text(before, "key_plan_events.jsonl")).contains("SKIP");
        assertThat(text(before, "students.jsonl")).contains("leftHanded");
    }

    @Test
    void what_has_arrived_is_practised_on_and_judged_like_before() {
        Client other = client.another().signUp();
        taken(other, saved());
        long there = other.get("/api/students").json().at("/items/1/id").asLong();
        String theirs = "/api/students/" + there;
        assertThat(other.get(theirs).string("name")).isEqualTo("Ada Reed");
        assertThat(other.get(theirs).string("/instrument/name")).isEqualTo("Marsh reed");
        assertThat(other.get(theirs + "/key-path").json())
                .isEqualTo(
                        teacher.get("/api/students/" + ada.id() + "/key-path").json());
        assertThat(other.get("/api/desk").status()).isEqualTo(200);
        Client practising = client.byLink(other.get(theirs).string("practicePath"));
        Answer today = practising.get("/api/practice/today");
        long assignment = today.json().at("/items/0/assignmentId").asLong();
        assertThat(practising
                        .post("/api/practice/takes", Given.take(assignment, "clean", 60))
                        .status())
                .isEqualTo(200);
        // The link of before opens the room of before.
        assertThat(client.byLink(ada.string("practicePath"))
                        .get("/api/practice/today")
                        .json()
                        .at("/items/0/assignmentId")
                        .asLong())
                .isNotEqualTo(assignment);
    }

    @Test
    void a_studio_that_has_students_gets_more_and_gives_them_back() {
        Client other = client.another().signUp();
        Given.student(other, "Ada Reed", "oboe");
        String name = other.get("/api/session").string("studio");
        Answer found = other.upload("/api/archives", saved());
        assertThat(found.string("becomes")).isEqualTo("false");
        assertThat(found.json().get("alike").toString()).isEqualTo("[\"Ada Reed\"]");
        String path = "/api/archives/" + found.string("id");
        assertThat(other.post(path + "/take").status()).isEqualTo(200);
        assertThat(other.post(path + "/take").status()).isEqualTo(409);
        assertThat(other.get("/api/session").string("studio")).isEqualTo(name);
        assertThat(other.get("/api/students").json().get("total").asInt()).isEqualTo(3);
        assertThat(other.post(path + "/undo").string("state")).isEqualTo("undone");
        assertThat(other.get("/api/students").json().get("total").asInt()).isEqualTo(1);
        assertThat(other.get("/api/routines").json().get("total").asInt()).isZero();
        assertThat(other.post(path + "/undo").status()).isEqualTo(409);
    }

    @Test
    void one_student_leaves_alone_and_arrives_alone() throws IOException {
        byte[] archive = teacher.download("/api/exports/archive", "{\"student\":" + ada.id() + "}");
        Map<String, byte[]> entries = entries(archive);
        assertThat(text(entries, "students.jsonl")).contains("Ada Reed").doesNotContain("Ben");
        assertThat(text(entries, "quiz_answers.jsonl")).isEmpty();
        assertThat(text(entries, "lesson_notes.jsonl")).contains("A note about Ada");
        Client other = client.another().signUp();
        assertThat(taken(other, archive).status()).isEqualTo(200);
        Answer students = other.get("/api/students");
        assertThat(students.json().get("total").asInt()).isEqualTo(1);
        assertThat(students.string("/items/0/instrument/name")).isEqualTo("Marsh reed");
    }

    @Test
    void no_secret_leaves_and_no_formula() throws IOException {
        Map<String, byte[]> entries = entries(saved());
        for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
            assertThat(text(entries, entry.getKey()))
                    .as(entry.getKey())
                    .doesNotContain("@example.test", "$2a$", "password", "identity", "link_version");
        }
        try (CSVParser csv = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new java.io.StringReader(text(entries, "students.csv")))) {
            assertThat(csv.getRecords()).extracting(row -> row.get("name")).containsExactly("Ada Reed", "'=Ben()");
        }
    }

    @Test
    void every_table_of_a_studio_is_carried_or_left_for_a_reason() {
        Set<String> pointing = new TreeSet<>(database.sql(
                        """
                        select distinct lower(table_name) from information_schema.columns
                        where table_schema = 'PUBLIC' and column_name in ('STUDIO_ID', 'STUDENT_ID')""")
                .query(String.class)
                .list());
        Set<String> carried =
                CarriedTable.ALL.stream().map(CarriedTable::name).collect(Collectors.toCollection(TreeSet::new));
        // Standings are worked out anew from what is carried; tokens open doors of one installation.
        // So does a mail server's password, and an address that was renewed.
        carried.addAll(List.of(
                "standings", "account_tokens", "mail_servers", "letters", "studio_calendars", "calendar_renewals"));
        assertThat(carried).isEqualTo(pointing);
    }

    @Test
    void what_is_not_whole_is_refused_and_leaves_nothing() throws Exception {
        byte[] archive = saved();
        Client other = client.another().signUp();
        Map<String, byte[]> path = entries(archive);
        path.put("../../outside.txt", new byte[0]);
        Map<String, byte[]> changed = entries(archive);
        changed.put("takes.jsonl", new byte[0]);
        Map<String, byte[]> bomb = entries(archive);
        bomb.put("takes.jsonl", new byte[64 * 1024 * 1024]);
        Map<String, byte[]> bare = entries(archive);
        bare.remove("manifest.json");
        Map<byte[], String> refused = new LinkedHashMap<>();
        refused.put(new byte[0], "no studio archive");
        refused.put("<?xml version=\"1.0\"?>".getBytes(StandardCharsets.UTF_8), "no studio archive");
        refused.put(zip(bare), "no studio archive");
        refused.put(zip(path), "../../outside.txt");
        refused.put(zip(changed), "changed, or cut short");
        refused.put(zip(bomb), "swells");
        refused.put(
                changed(archive, "takes", "\"outcome\":\"CLEAN\"", "\"outcome\":\"SPLENDID\""), "takes.jsonl, line 2");
        refused.put(
                changed(archive, "takes", "\"taken_on\":\"" + LocalDate.now() + "\"", "\"taken_on\":\"9999-12-31\""),
                "A day lies between 1900 and 2200");
        refused.put(changed(archive, "takes", "\"bpm\":60", "\"bpm\":1e999999999"), "takes.jsonl, line 1");
        refused.put(
                changed(archive, "takes", "\"assignment_id\":1", "\"assignment_id\":99"),
                "line 99 of assignments.jsonl");
        refused.put(changed(archive, "steps", "\"octaves\":2", "\"octaves\":2000"), "steps.jsonl, line 1");
        refused.put(
                changed(archive, "students", "\"instrument\":\"own-1\"", "\"instrument\":\"own-7\""),
                "students.jsonl, line 1");
        refused.put(changed(archive, "students", "\"instrument\":\"oboe\"", "\"instrument\":\"kazoo\""), "kazoo");
        refused.put(changed(archive, "students", "\"name\":\"Ada Reed\",", ""), "it has no name");
        refused.put(changed(archive, "students", "Ada Reed", "A".repeat(300)), "no studio can keep");
        refused.put(changed(archive, "students", "{\"name\"", "[{\"name\""), "JSON");
        refused.put(changed(archive, "quiz_answers", "SPELL", "GUESS"), "quiz_answers.jsonl, line 1");
        refused.put(changed(archive, "studio", "british", "martian"), "settings");
        for (Map.Entry<byte[], String> one : refused.entrySet()) {
            Answer answer = taken(other, one.getKey());
            assertThat(answer.status())
                    .as(one.getValue() + ": " + answer.text())
                    .isIn(400, 422);
            assertThat(answer.text()).contains(one.getValue());
        }
        assertThat(other.get("/api/students").json().get("total").asInt()).isZero();
        assertThat(other.get("/api/routines").json().get("total").asInt()).isZero();
        assertThat(other.get("/api/settings").string("valueNames")).isNotEqualTo("british");
        for (String table : CarriedTable.ALL.stream().map(CarriedTable::name).toList()) {
            if (table.equals(CarriedTable.TEACHERS)) continue;
            assertThat(database.sql("select count(*) from " + table
                                    + " where studio_id = (select max(id) from studios)")
                            .query(Long.class)
                            .single())
                    .as(table)
                    .isZero();
        }
        assertThat(taken(other, archive).status()).isEqualTo(200);
    }

    @Test
    void others_neither_see_nor_take_it() {
        Answer found = teacher.upload("/api/archives", saved());
        Client stranger = client.another().signUp();
        String path = "/api/archives/" + found.string("id");
        assertThat(stranger.get(path).status()).isEqualTo(404);
        assertThat(stranger.post(path + "/take").status()).isEqualTo(404);
        assertThat(stranger.post(path + "/undo").status()).isEqualTo(404);
        assertThat(stranger.delete(path).status()).isEqualTo(404);
        assertThat(stranger.post("/api/exports/archive", "{\"student\":" + ada.id() + "}")
                        .status())
                .isEqualTo(404);
        assertThat(client.another().get(path).status()).isEqualTo(401);
        assertThat(teacher.delete(path).status()).isEqualTo(204);
        assertThat(teacher.get(path).status()).isEqualTo(404);
    }

    @Test
    void students_who_are_deleted_stay_behind_with_all_that_is_theirs() throws IOException {
        teacher.post("/api/students/" + ada.id() + "/archive");
        teacher.post("/api/students/" + ada.id() + "/delete", "{\"name\":\"Ada Reed\"}");
        Map<String, byte[]> entries = entries(saved());
        assertThat(text(entries, "students.jsonl")).doesNotContain("Ada Reed");
        assertThat(text(entries, "takes.jsonl")).isEmpty();
        assertThat(text(entries, "assignment_changes.jsonl")).isEmpty();
        Client other = client.another().signUp();
        assertThatCode(() -> taken(other, saved())).doesNotThrowAnyException();
        assertThat(other.get("/api/students").json().get("total").asInt()).isEqualTo(1);
    }

    @Test
    void it_is_said_of_every_text_and_document_how_it_is_read(RunningApp.Server server) {
        Columns columns = server.context().getBean(Columns.class);
        RowChecks checks = server.context().getBean(RowChecks.class);
        for (CarriedTable table : CarriedTable.ALL) {
            assertThat(columns.of(table).stream()
                            .filter(column ->
                                    column.kind() == Columns.Kind.TEXT || column.kind() == Columns.Kind.DOCUMENT)
                            .map(Columns.Column::name))
                    .as(table.name())
                    .allMatch(column -> checks.knows(table.name(), column));
        }
    }
}
