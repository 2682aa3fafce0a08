package pebblestep.app.lessons;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import pebblestep.app.TurnableClock;
import tools.jackson.databind.JsonNode;

/** A lesson: what happened since the last one, what is decided, what is written down, and what parents are told. */
@ExtendWith(RunningApp.class)
class LessonTest {
    private Client teacher;
    private Client student;
    private String path;
    private long assignment;

    @BeforeEach
    void a_student(Client client) {
        teacher = client.signUp();
        Answer enrolled = Given.student(teacher, "Ada Reed", "oboe");
        path = "/api/students/" + enrolled.id();
        assignment = Given.assigned(teacher, enrolled).id();
        student = client.byLink(enrolled.string("practicePath"));
    }

    private static final String REQUIRED =
            "{\"tonic\":\"Db\",\"form\":\"major\",\"octaves\":2,\"value\":\"1/16\",\"bpm\":%d,\"date\":\"2027-06-01\"}";

    @AfterEach
    void the_clock_is_turned_back() {
        TurnableClock.turnTo(0);
    }

    private void take(String outcome, int bpm, int seconds, String slipped) {
        String take = Given.take(
                UUID.randomUUID(), assignment, outcome, bpm, TurnableClock.now().toString());
        Answer answer = student.post(
                "/api/practice/takes", take.strip().replaceAll("}$", ",\"seconds\":" + seconds + slipped + "}"));
        assertThat(answer.status()).isEqualTo(200);
    }

    @Test
    void the_card_tells_what_moved_what_slipped_and_how_long_was_practised_since_the_last_lesson() {
        take("clean", 60, 90, "");
        Answer written =
                teacher.post(path + "/lesson-notes", "{\"text\":\"Turn twice.\",\"toParents\":\"Well begun.\"}");
        assertThat(written.status()).isEqualTo(201);
        TurnableClock.turnTo(3);
        for (int i = 0; i < 3; i++) take("clean", 60, 100, "");
        take("slips", 68, 60, ",\"slipped\":{\"kinds\":[\"notes\"],\"notes\":[{\"index\":3,\"pitch\":\"Gb4\"}]}");
        TurnableClock.turnTo(7);
        JsonNode card = teacher.get(path + "/lesson").json();
        assertThat(card.at("/lesson/since").asString())
                .isEqualTo(LocalDate.now().toString());
        assertThat(card.at("/lesson/hadLesson").asBoolean()).isTrue();
        assertThat(card.at("/practised/sentence").asString()).isEqualTo("Practised on 2 of 8 days, 8 minutes in all.");
        assertThat(card.at("/practised/minutes/3/minutes").asInt()).isEqualTo(6);
        JsonNode moved = card.at("/practised/moved/0");
        assertThat(moved.get("from").asString()).isEqualTo("60 bpm");
        assertThat(moved.get("to").asString()).isEqualTo("68 bpm");
        assertThat(moved.get("move").asString()).isEqualTo("up");
        assertThat(card.at("/practised/slips/0/sentences/0").asString()).isEqualTo("G natural for G♭: 1 of 5 takes");
        assertThat(card.at("/works/0/decisions/0/kind").asString()).isEqualTo("back");
        assertThat(card.at("/notes/0/text").asString()).isEqualTo("Turn twice.");
    }

    @Test
    void the_range_gets_shorter_and_wider_again_and_decisions_are_taken_back() {
        take("clean", 60, 60, "");
        assertThat(teacher.post("/api/assignments/" + assignment + "/span", "{\"wider\":false}")
                        .status())
                .isEqualTo(204);
        JsonNode work = teacher.get("/api/desk").json().at("/items/0/works/0");
        assertThat(work.get("sentence").asString()).contains("one octave");
        assertThat(work.get("undo").asBoolean()).isTrue();
        teacher.post("/api/assignments/" + assignment + "/undo", "");
        work = teacher.get("/api/desk").json().at("/items/0/works/0");
        assertThat(work.get("sentence").asString()).isEqualTo("1 of 3 clean in a row at 60 bpm, then 68.");
        Answer refused = teacher.post("/api/assignments/" + assignment + "/span", "{\"wider\":true}");
        assertThat(refused.status())
                .as("three octaves of Db do not fit an oboe")
                .isEqualTo(422);
    }

    @Test
    void a_note_is_changed_in_the_version_that_was_loaded() {
        Answer note = teacher.post(path + "/lesson-notes", "{\"text\":\"Slow.\"}");
        String change = "{\"text\":\"Slower.\",\"version\":%d}";
        String notePath = "/api/lesson-notes/" + note.id();
        assertThat(teacher.put(notePath, change.formatted(0)).string("text")).isEqualTo("Slower.");
        assertThat(teacher.put(notePath, change.formatted(0)).status()).isEqualTo(409);
        assertThat(teacher.post(path + "/lesson-notes", "{\"text\":\"  \"}").status())
                .isEqualTo(422);
        assertThat(teacher.get(path + "/lesson-notes").json().get("total").asInt())
                .isEqualTo(1);
    }

    @Test
    void a_parent_reads_a_month_in_plain_words() {
        take("clean", 60, 600, "");
        take("clean", 68, 600, "");
        for (int bpm : new int[] {60, 200}) {
            Answer required = teacher.post(path + "/required", REQUIRED.formatted(bpm));
            assertThat(required.status()).as(required.text()).isLessThan(300);
        }
        teacher.post(path + "/lesson-notes", "{\"text\":\"For me.\",\"toParents\":\"A new reed, please.\"}");
        JsonNode report = teacher.get(path + "/report").json();
        assertThat(report.get("practised").asString())
                .startsWith("Ada practised on 1 of ")
                .contains("20 minutes in all");
        assertThat(report.at("/growing/0").asString())
                .isEqualTo("D flat major: from 60 to 68 beats a minute without a slip");
        assertThat(report.at("/fromLessons/0/text").asString()).isEqualTo("A new reed, please.");
        assertThat(report.toString()).doesNotContain("For me.");
        assertThat(report.get("required")).as("the one that is met").hasSize(1);
        assertThat(report.at("/required/0").asString()).isEqualTo("D flat major");
        JsonNode before = teacher.get(path + "/report?month=2026-01").json();
        assertThat(before.get("practised").asString()).isEqualTo("Ada did not log any practice in January 2026.");
        assertThat(teacher.get(path + "/report?month=soon").status()).isEqualTo(422);
    }

    @Test
    void the_timetable_has_the_lessons_in_the_order_of_the_week() {
        for (String lesson : new String[] {
            "\"lessonDay\":3,\"lessonTime\":\"15:00\"",
            "\"lessonDay\":1,\"lessonTime\":\"16:00\"",
            "\"lessonDay\":3,\"lessonTime\":\"14:15\""
        }) {
            teacher.post(
                    "/api/students",
                    "{\"name\":\"At " + lesson.replaceAll("\\D", "") + "\",\"instrument\":\"oboe\"," + lesson + "}");
        }
        JsonNode week = teacher.get("/api/students/timetable").json();
        assertThat(week.findValuesAsString("name")).containsExactly("At 11600", "At 31415", "At 31500");
    }
}
