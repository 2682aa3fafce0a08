package pebblestep.app.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import tools.jackson.databind.JsonNode;

/** A studio with more students than a page holds: every one stands on the desk once, in the order of need. */
@ExtendWith(RunningApp.class)
class LargeDeskTest {
    private static final int STUDENTS = 53;

    private Client teacher;
    private final List<Long> ids = new ArrayList<>();
    private String lastLink;

    @BeforeEach
    void many_students(Client client) {
        teacher = client.signUp();
        long step = Given.step(teacher).id();
        int today = LocalDate.now().getDayOfWeek().getValue();
        for (int i = 0; i < STUDENTS; i++) {
            String lesson = i == 30 ? ",\"lessonDay\":" + today + ",\"lessonTime\":\"09:00\"" : "";
            Answer student = teacher.post(
                    "/api/students", "{\"name\":\"Student %02d\",\"instrument\":\"oboe\"%s}".formatted(i, lesson));
            ids.add(student.id());
            if (i % 10 == 0) teacher.post("/api/assignments", Given.assignment(step, student.id()));
            lastLink = student.string("practicePath");
        }
    }

    @Test
    void pages_hold_everybody_once_and_the_lesson_of_the_day_comes_first() {
        List<String> names = new ArrayList<>();
        for (int page = 0; page < 2; page++) {
            JsonNode desk = teacher.get("/api/desk?page=" + page).json();
            assertThat(desk.get("pages").asInt()).isEqualTo(2);
            assertThat(desk.get("total").asInt()).isEqualTo(STUDENTS);
            names.addAll(desk.get("items").findValuesAsString("name"));
        }
        assertThat(names).hasSize(STUDENTS);
        assertThat(new HashSet<>(names)).hasSize(STUDENTS);
        assertThat(names.get(0)).isEqualTo("Student 30");
    }

    @Test
    void a_verdict_is_counted_and_shown_over_all_pages() {
        JsonNode desk = teacher.get("/api/desk").json();
        assertThat(desk.at("/counts/0/kind").asString()).isEqualTo("quiet");
        assertThat(desk.at("/counts/0/students").asInt())
                .as("given a week ago, not begun")
                .isEqualTo(6);
        JsonNode quiet = teacher.get("/api/desk?verdict=quiet").json();
        assertThat(quiet.get("total").asInt()).isEqualTo(6);
        assertThat(quiet.get("items").findValuesAsString("name")).contains("Student 50");
        assertThat(quiet.at("/counts/0/students").asInt())
                .as("of the whole studio all the same")
                .isEqualTo(6);
    }

    @Test
    void whoever_is_put_away_leaves_the_desk_and_the_grid_and_comes_back() {
        teacher.post("/api/students/" + ids.get(50) + "/archive", "");
        assertThat(teacher.get("/api/desk?verdict=quiet").json().get("total").asInt())
                .isEqualTo(5);
        assertThat(teacher.get("/api/keys?page=1").json().get("total").asInt()).isEqualTo(STUDENTS - 1);
        teacher.post("/api/students/" + ids.get(50) + "/restore", "");
        assertThat(teacher.get("/api/desk?verdict=quiet").json().get("total").asInt())
                .isEqualTo(6);
    }

    @Test
    void a_student_sees_their_own_keys_and_nobody_elses() {
        Client last = teacher.byLink(lastLink);
        JsonNode path = last.get("/api/practice/key-path").json();
        assertThat(path.get("student").asString()).isEqualTo("Student 52");
        for (String teachers : List.of("/api/desk", "/api/keys", "/api/students/" + ids.get(0) + "/lesson")) {
            assertThat(last.get(teachers).status()).as(teachers).isIn(401, 403);
        }
    }
}
