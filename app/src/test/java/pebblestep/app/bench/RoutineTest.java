package pebblestep.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import tools.jackson.databind.JsonNode;

/** Routines: kept whole, in order, and never overwritten silently. */
@ExtendWith(RunningApp.class)
class RoutineTest {
    private Client teacher;

    @BeforeEach
    void a_studio(Client client) {
        teacher = client.signUp();
    }

    private static String step(String id, String title) {
        return "{" + (id == null ? "" : "\"id\":" + id + ",") + "\"document\":"
                + Given.STEP.replace("Up and over", title) + ",\"climb\":" + Given.CLIMB + "}";
    }

    private static String routine(String title, Integer version, String... steps) {
        return "{\"title\":\"" + title + "\",\"version\":" + version + ",\"steps\":["
                + Stream.of(steps).collect(Collectors.joining(",")) + "]}";
    }

    private static String titles(Answer routine) {
        return routine.json()
                .get("steps")
                .valueStream()
                .map(step -> step.get("title").asString())
                .collect(Collectors.joining(", "));
    }

    private static String id(Answer routine, int step) {
        return routine.json().at("/steps/" + step + "/id").asString();
    }

    @Test
    void a_routine_keeps_its_steps_in_order_through_changes() {
        Answer made = teacher.post("/api/routines", routine("Tuesday", null, step(null, "One"), step(null, "Two")));
        assertThat(made.status()).isEqualTo(201);
        assertThat(titles(made)).isEqualTo("One, Two");
        String path = "/api/routines/" + made.id();
        Answer turned = teacher.put(
                path,
                routine("Tuesday", 0, step(id(made, 1), "Two"), step(null, "New"), step(id(made, 0), "One again")));
        assertThat(titles(turned)).isEqualTo("Two, New, One again");
        assertThat(id(turned, 0)).as("a step keeps its id").isEqualTo(id(made, 1));
        assertThat(turned.json().get("version").asInt()).isEqualTo(1);
        Answer fewer = teacher.put(path, routine("", 1, step(id(turned, 1), "New")));
        assertThat(titles(fewer)).isEqualTo("New");
        assertThat(fewer.string("title")).isEqualTo("Untitled routine");
        assertThat(teacher.get(path).json()).isEqualTo(fewer.json());
        JsonNode line = teacher.get("/api/routines").json().at("/items/0");
        assertThat(line.get("count").asInt()).isEqualTo(1);
        assertThat(line.at("/steps/0").asString()).isEqualTo("New");
    }

    @Test
    void the_second_of_two_windows_is_told_and_overwrites_nothing() {
        Answer made = teacher.post("/api/routines", routine("Tuesday", null, step(null, "One")));
        String path = "/api/routines/" + made.id();
        assertThat(teacher.put(path, routine("Mine", 0, step(id(made, 0), "One")))
                        .status())
                .isEqualTo(200);
        Answer late = teacher.put(path, routine("Other", 0, step(id(made, 0), "One")));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.string("detail")).contains("changed elsewhere");
        assertThat(teacher.get(path).string("title")).isEqualTo("Mine");
        assertThat(teacher.put(path, routine("X", null, step(null, "One"))).string("pointer"))
                .isEqualTo("/version");
    }

    @Test
    void a_wrong_step_is_named_by_its_place_and_nothing_is_changed() {
        Answer made = teacher.post("/api/routines", routine("Tuesday", null, step(null, "One")));
        String path = "/api/routines/" + made.id();
        Answer refused = teacher.put(
                path,
                routine("Broken", 0, step(id(made, 0), "One"), step(null, "Two").replace("1/16", "x")));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.string("pointer")).isEqualTo("/steps/1/document/rhythm/figure/0");
        assertThat(teacher.get(path).json()).isEqualTo(made.json());
        assertThat(teacher.post("/api/routines", routine("Empty", null)).status())
                .isEqualTo(422);
        assertThat(teacher.put(path, routine("Other", 0, step("999999", "Foreign")))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void what_was_assigned_stays_when_its_step_is_taken_out() {
        Answer student = Given.student(teacher, "Ada", "oboe");
        Answer made = teacher.post("/api/routines", routine("Tuesday", null, step(null, "One"), step(null, "Two")));
        teacher.post("/api/assignments", Given.assignment(Long.parseLong(id(made, 1)), student.id()));
        teacher.put("/api/routines/" + made.id(), routine("Tuesday", 0, step(id(made, 0), "One")));
        Client practising = teacher.byLink(student.string("practicePath"));
        assertThat(practising
                        .get("/api/practice/today")
                        .json()
                        .at("/items/0/head/title")
                        .asString())
                .isEqualTo("Two");
    }

    @Test
    void a_step_kept_alone_is_a_routine_of_one_and_a_routine_can_be_put_away() {
        Answer step = Given.step(teacher);
        long routine = step.json().get("routineId").asLong();
        assertThat(titles(teacher.get("/api/routines/" + routine))).isEqualTo("Up and over");
        teacher.post("/api/routines/" + routine + "/archive");
        assertThat(teacher.get("/api/routines").json().get("items")).isEmpty();
        assertThat(teacher.get("/api/routines?archived=true").json().get("items"))
                .hasSize(1);
        teacher.post("/api/routines/" + routine + "/restore");
        assertThat(teacher.get("/api/routines").json().get("items")).hasSize(1);
    }

    @Test
    void a_studio_talks_its_own_way() {
        String settings =
                "{\"counting\":\"time-names\",\"valueNames\":\"british\",\"words\":[{\"word\":\"peb-ble\",\"figure\":[\"1/8\",\"1/8\"]}]}";
        Answer kept = teacher.put("/api/settings", settings);
        assertThat(kept.status()).isEqualTo(200);
        assertThat(kept.string("sixAccidentals")).isEqualTo("by-interval");
        Answer passage = teacher.post("/api/passages?with=near", "{\"step\":" + Given.STEP + "}");
        assertThat(passage.json().at("/landing/sentence").asString()).contains("one crotchet short");
        assertThat(passage.json().at("/notes/1/said").asString()).isEqualTo("fa");
        assertThat(passage.json().get("near")).isEmpty();
        Answer refused = teacher.put("/api/settings", settings.replace("peb-ble", "peb"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.string("detail")).isEqualTo("\"peb\" has 1 syllable; the figure has 2 notes.");
        assertThat(teacher.put("/api/settings", "{\"counting\":\"fingers\"}").status())
                .isEqualTo(422);
    }
}
