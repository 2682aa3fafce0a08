package pebblestep.app.progress;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApp.class)
class DeskTest {
    private Client teacher;

    @BeforeEach
    void a_studio(Client client) {
        teacher = client.signUp();
    }

    private void practised(String name, String... outcomes) {
        Answer student = Given.student(teacher, name, "oboe");
        Answer assignment = Given.assigned(teacher, student);
        Client practising = teacher.byLink(student.string("practicePath"));
        for (String outcome : outcomes) {
            practising.post("/api/practice/takes", Given.take(assignment.id(), outcome, 100));
        }
    }

    private String order() {
        JsonNode items = teacher.get("/api/desk").json().get("items");
        return items.valueStream()
                .map(item -> item.get("name").asString() + " "
                        + item.at("/works/0/kind").asString(""))
                .toList()
                .toString();
    }

    @Test
    void those_who_need_the_teacher_most_come_first() {
        practised("Ada", "clean");
        practised("Bea", "clean", "clean", "clean");
        practised("Cleo", "slips");
        practised("Dora", "clean", "clean", "clean", "slips", "slips", "stopped");
        practised("Edda");
        Given.student(teacher, "Fern", "oboe");
        assertThat(order()).isEqualTo("[Edda quiet, Dora back, Cleo misses, Fern , Bea ready, Ada hold]");
    }

    @Test
    void a_line_says_the_last_take_the_tempo_reached_and_the_target() {
        practised("Ada", "clean", "clean", "clean", "slips");
        JsonNode line = teacher.get("/api/desk").json().at("/items/0");
        assertThat(line.at("/last/bpm").toString()).isEqualTo("100");
        assertThat(line.at("/last/outcome").asString()).isEqualTo("slips");
        JsonNode work = line.at("/works/0");
        assertThat(work.get("bpm").toString()).isEqualTo("68");
        assertThat(work.get("target").toString()).isEqualTo("100");
        assertThat(work.get("bestBpm").toString()).isEqualTo("100");
        assertThat(work.get("bestNotesPerSecond").asDouble()).isEqualTo(6.667);
        assertThat(work.get("rings").asInt()).isEqualTo(1);
        assertThat(work.get("sentence").asString())
                .isEqualTo("1 take not clean at 68 bpm; after 3 it goes back to 60.");
    }

    @Test
    void lessons_of_the_day_come_first_in_order_and_every_verdict_brings_its_decisions() {
        practised("Ada", "clean");
        practised("Cleo", "slips");
        int today = java.time.LocalDate.now().getDayOfWeek().getValue();
        for (String lesson : java.util.List.of("Noa 16:30", "Mio 15:00")) {
            String[] words = lesson.split(" ");
            teacher.post(
                    "/api/students",
                    "{\"name\":\"%s\",\"instrument\":\"oboe\",\"lessonDay\":%d,\"lessonTime\":\"%s\"}"
                            .formatted(words[0], today, words[1]));
        }
        assertThat(order()).isEqualTo("[Mio , Noa , Cleo misses, Ada hold]");
        JsonNode items = teacher.get("/api/desk").json().get("items");
        assertThat(items.at("/0/lesson").asString()).startsWith("15:00");
        JsonNode work = items.at("/3/works/0");
        assertThat(work.at("/decisions/0/kind").asString()).isEqualTo("on");
        assertThat(work.at("/decisions/0/words").asString()).isEqualTo("68 bpm");
        long assignment = work.get("assignmentId").asLong();
        teacher.post("/api/assignments/" + assignment + "/place", "{\"at\":" + work.at("/decisions/0/at") + "}");
        teacher.post("/api/assignments/" + assignment + "/hold", "{\"holds\":true}");
        work = teacher.get("/api/desk").json().at("/items/3/works/0");
        assertThat(work.get("bpm").toString()).isEqualTo("68");
        assertThat(work.get("held").asBoolean()).isTrue();
        assertThat(work.at("/decisions/0/kind").asString()).isEqualTo("back");
    }

    @Test
    void an_empty_studio_has_an_empty_desk() {
        JsonNode desk = teacher.get("/api/desk").json();
        assertThat(desk.get("total").asInt()).isZero();
        assertThat(desk.get("items")).isEmpty();
    }

    @Test
    void a_student_with_nothing_assigned_has_a_key_path_of_unmet_keys() {
        Answer student = Given.student(teacher, "Ada", "oboe");
        JsonNode path =
                teacher.get("/api/students/" + student.id() + "/key-path").json();
        assertThat(path.get("stones")).hasSize(12);
        assertThat(path.get("stones").valueStream()).allSatisfy(stone -> {
            assertThat(stone.get("rings").asInt()).isZero();
            assertThat(stone.get("forms")).isEmpty();
        });
        assertThat(path.get("mostRings").asInt()).isEqualTo(4);
    }
}
