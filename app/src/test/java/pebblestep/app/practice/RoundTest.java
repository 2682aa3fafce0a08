package pebblestep.app.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.InThePage;
import pebblestep.app.RunningApp;
import pebblestep.core.Refusal;
import tools.jackson.databind.JsonNode;

/** The whole round over HTTP: plan, assign, practise, see it on the key path. */
@ExtendWith(RunningApp.class)
class RoundTest {
    private Client teacher;
    private Answer student;
    private Answer assignment;
    private Client practising;

    @BeforeEach
    void an_assigned_step(Client client) {
        teacher = client.signUp();
        student = Given.student(teacher, "Wilhelmina Reed", "english-horn");
        assignment = Given.assigned(teacher, student);
        practising = client.byLink(student.string("practicePath"));
    }

    private Answer log(String outcome, int bpm) {
        return practising.post("/api/practice/takes", Given.take(assignment.id(), outcome, bpm));
    }

    private JsonNode stone(String tonic) {
        for (JsonNode stone : teacher.get("/api/students/" + student.id() + "/key-path")
                .json()
                .get("stones")) {
            if (stone.get("tonic").asString().equals(tonic)) return stone;
        }
        throw new AssertionError(tonic);
    }

    @Test
    void a_student_sees_the_step_in_written_pitch_at_the_first_rung() {
        JsonNode item = practising.get("/api/practice/today").json().at("/items/0");
        assertThat(item.at("/head/key").asString()).isEqualTo("A♭ major");
        assertThat(item.at("/toPlay/here/bpm").toString()).isEqualTo("60");
        assertThat(item.at("/toPlay/rungs").toString()).isEqualTo("[60,68,76,84,92,100]");
        assertThat(item.at("/standing/sentence").asString()).isEqualTo("Not started: begins at 60 bpm.");
        InThePage page = InThePage.of(practising);
        JsonNode passage = page.passage(assignment.id());
        assertThat(passage.at("/notes/0/pitch").asString()).isEqualTo("Ab4");
        assertThat(passage.at("/notes/0/durationMs").asDouble()).isEqualTo(250.0);
        assertThat(passage.at("/notated/score/measures").size()).isEqualTo(2);
        assertThat(passage.at("/clicks/clicks").size()).isEqualTo(12);
        assertThat(page.passage(assignment.id(), "0", new BigDecimal("120"))
                        .notes()
                        .getFirst()
                        .durationMs())
                .isEqualTo(125.0);
        assertThatThrownBy(() -> page.passage(assignment.id(), "0", new BigDecimal("6000")))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void takes_move_the_standing_the_desk_and_the_key_path() {
        assertThat(stone("Ab").get("rings").asInt()).isZero();
        assertThat(log("clean", 60).string("/item/standing/sentence"))
                .isEqualTo("1 of 3 clean in a row at 60 bpm, then 68.");
        log("clean", 60);
        assertThat(log("clean", 60).string("/item/standing/sentence")).isEqualTo("3 clean at 60 bpm: ready for 68.");
        assertThat(log("slips", 68).string("/item/standing/sentence"))
                .isEqualTo("1 take not clean at 68 bpm; after 3 it goes back to 60.");
        JsonNode form = stone("Ab").at("/forms/0");
        assertThat(stone("Ab").get("rings").asInt()).isEqualTo(1);
        assertThat(form.get("key").asString()).isEqualTo("A♭ major");
        assertThat(form.get("takes").asInt()).isEqualTo(4);
        assertThat(form.get("clean").asInt()).isEqualTo(3);
        assertThat(form.get("bestNotesPerSecond").asDouble()).isEqualTo(4.0);
        JsonNode line = teacher.get("/api/desk").json().at("/items/0");
        assertThat(line.at("/last/outcome").asString()).isEqualTo("slips");
        assertThat(line.at("/last/daysAgo").asInt()).isZero();
        assertThat(line.at("/works/0/bpm").toString()).isEqualTo("68");
        assertThat(practising.get("/api/practice/key-path").json())
                .isEqualTo(teacher.get("/api/students/" + student.id() + "/key-path")
                        .json());
        assertThat(teacher.get("/api/students/" + student.id() + "/takes")
                        .json()
                        .at("/items/0/outcome")
                        .asString())
                .isEqualTo("slips");
    }

    @Test
    void a_take_sent_twice_is_stored_once_also_at_the_same_moment() {
        String take = Given.take(
                UUID.randomUUID(),
                assignment.id(),
                "clean",
                60,
                OffsetDateTime.now().toString());
        List<CompletableFuture<Answer>> sent = IntStream.range(0, 8)
                .mapToObj(i -> CompletableFuture.supplyAsync(() -> practising.post("/api/practice/takes", take)))
                .toList();
        assertThat(sent).allSatisfy(answer -> assertThat(answer.join().status()).isEqualTo(200));
        assertThat(practising
                        .post("/api/practice/takes", take)
                        .json()
                        .at("/item/standing/cleanInRow")
                        .asInt())
                .isEqualTo(1);
        assertThat(teacher.get("/api/students/" + student.id() + "/takes")
                        .json()
                        .get("total")
                        .asInt())
                .isEqualTo(1);
    }

    @Test
    void a_take_keeps_the_students_own_day_and_a_clock_from_the_future_is_not_believed() {
        practising.post(
                "/api/practice/takes",
                Given.take(UUID.randomUUID(), assignment.id(), "clean", 60, "2026-03-02T23:30:00-05:00"));
        practising.post(
                "/api/practice/takes",
                Given.take(UUID.randomUUID(), assignment.id(), "clean", 60, "2099-01-01T10:00:00Z"));
        JsonNode items =
                teacher.get("/api/students/" + student.id() + "/takes").json().get("items");
        assertThat(items.at("/0/day").asString()).isEqualTo(LocalDate.now().toString());
        assertThat(items.at("/1/day").asString()).isEqualTo("2026-03-02");
    }

    @Test
    void a_wrong_take_is_refused_by_its_field_and_nothing_is_stored() {
        String good = Given.take(assignment.id(), "clean", 60);
        assertThat(practising
                        .post("/api/practice/takes", good.replace("clean", "splendid"))
                        .string("pointer"))
                .isEqualTo("/outcome");
        assertThat(practising
                        .post("/api/practice/takes", good.replace("\"bpm\":60", "\"bpm\":6000"))
                        .string("pointer"))
                .isEqualTo("/bpm");
        assertThat(practising
                        .post(
                                "/api/practice/takes",
                                good.replace("\"note\":\"\"", "\"note\":\"" + "x".repeat(501) + "\""))
                        .string("pointer"))
                .isEqualTo("/note");
        assertThat(teacher.get("/api/students/" + student.id() + "/takes")
                        .json()
                        .get("total")
                        .asInt())
                .isZero();
    }

    @Test
    void a_renewed_link_replaces_the_old_one_at_once() {
        String room = practising.get("/api/practice/today").string("room");
        Answer renewed = teacher.post("/api/students/" + student.id() + "/link");
        assertThat(practising.get("/api/practice/today").status()).isEqualTo(401);
        assertThat(practising.get("/api/practice/today").string("detail")).contains("Ask your teacher");
        Client again = teacher.byLink(renewed.string("practicePath"));
        assertThat(again.get("/api/practice/today").string("student")).isEqualTo("Wilhelmina Reed");
        assertThat(again.get("/api/practice/today").string("room"))
                .as("what a device kept for the old link is known to be this student's")
                .isEqualTo(room);
        assertThat(teacher.byLink("/p/AAAAAAAAAAEAAAAAAAAAAAAAAAAAAAAA")
                        .get("/api/practice/today")
                        .status())
                .isEqualTo(401);
        assertThat(teacher.byLink("/p/not-a-token!").get("/api/practice/today").status())
                .isEqualTo(401);
    }

    @Test
    void an_archived_student_rests_and_comes_back_whole() {
        log("clean", 60);
        teacher.post("/api/students/" + student.id() + "/archive");
        assertThat(practising.get("/api/practice/today").status()).isEqualTo(401);
        assertThat(teacher.get("/api/desk").json().get("total").asInt()).isZero();
        teacher.post("/api/students/" + student.id() + "/restore");
        assertThat(practising
                        .get("/api/practice/today")
                        .json()
                        .at("/items/0/standing/cleanInRow")
                        .asInt())
                .isEqualTo(1);
    }

    @Test
    void an_ended_assignment_leaves_today_and_can_be_resumed() {
        teacher.post("/api/assignments/" + assignment.id() + "/end");
        assertThat(practising.get("/api/practice/today").json().get("items")).isEmpty();
        teacher.post("/api/assignments/" + assignment.id() + "/resume");
        assertThat(practising.get("/api/practice/today").json().get("items")).hasSize(1);
    }

    @Test
    void a_step_changed_later_does_not_change_what_was_assigned() {
        JsonNode routine = teacher.get("/api/routines").json().at("/items/0");
        JsonNode step =
                teacher.get("/api/routines/" + routine.get("id").asLong()).json();
        Answer changed = teacher.put(
                "/api/routines/" + routine.get("id").asLong(),
                """
                {"title":"Changed","version":%d,"steps":[{"id":%d,"document":%s,
                 "climb":{"axes":[{"axis":"tempo","from":40,"to":50,"scheme":{"type":"fixed","by":5}}]}}]}"""
                        .formatted(
                                step.get("version").asInt(),
                                assignment.json().get("stepId").asLong(),
                                Given.STEP.replace("\"Db\"", "\"C\"")));
        assertThat(changed.status()).isEqualTo(200);
        assertThat(practising
                        .get("/api/practice/today")
                        .json()
                        .at("/items/0/head/key")
                        .asString())
                .isEqualTo("A♭ major");
    }
}
