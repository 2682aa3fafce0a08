package pebblestep.app.progress;

import static org.assertj.core.api.Assertions.assertThat;

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

/** What fades, how a key came about, students by keys, and the desk by verdict. */
@ExtendWith(RunningApp.class)
class KeysTest {
    private static final String SHORT_CLIMB =
            "{\"axes\":[{\"axis\":\"tempo\",\"from\":60,\"to\":70,\"scheme\":{\"type\":\"fixed\",\"by\":10}}]}";

    private Client teacher;
    private Client student;
    private String path;
    private long assignment;

    @BeforeEach
    void a_student_in_d_flat(Client client) {
        teacher = client.signUp();
        Answer enrolled = Given.student(teacher, "Ada", "oboe");
        long step = Given.step(teacher, Given.STEP, SHORT_CLIMB).id();
        assignment = teacher.post("/api/assignments", Given.assignment(step, enrolled.id()))
                .id();
        path = "/api/students/" + enrolled.id();
        student = client.byLink(enrolled.string("practicePath"));
    }

    @AfterEach
    void the_clock_is_turned_back() {
        TurnableClock.turnTo(0);
    }

    private void play(String... takes) {
        for (String take : takes) {
            student.post(
                    "/api/practice/takes",
                    Given.take(
                            UUID.randomUUID(),
                            assignment,
                            take.split("@")[0],
                            Integer.parseInt(take.split("@")[1]),
                            TurnableClock.now().toString()));
        }
    }

    private JsonNode stone() {
        return teacher.get(path + "/key-path").json().at("/stones/5");
    }

    @Test
    void a_key_that_is_overdue_fades_until_it_is_clean_again() {
        play("clean@60", "clean@60", "clean@60", "clean@70", "clean@70", "clean@70");
        assertThat(stone().get("rings").asInt()).isEqualTo(4);
        assertThat(stone().get("fading").asBoolean()).isFalse();
        TurnableClock.turnTo(4);
        assertThat(stone().get("fading").asBoolean()).isTrue();
        assertThat(stone().at("/forms/0/fading").asString())
                .isEqualTo("Fading: review due for 3 days, 4 days since clean.");
        JsonNode cell = teacher.get("/api/keys").json().at("/items/0/cells/5");
        assertThat(cell.get("fading").asBoolean()).isTrue();
        assertThat(cell.at("/sentences/0").asString()).startsWith("D♭ major: Target reached");
        play("clean@70");
        assertThat(stone().get("fading").asBoolean()).isFalse();
    }

    @Test
    void the_history_of_a_key_has_each_day_with_its_best() {
        play("clean@60", "slips@70");
        TurnableClock.turnTo(2);
        play("slips@60");
        JsonNode history = teacher.get(path + "/history?key=Db%20major").json();
        assertThat(history.get("days")).hasSize(2);
        assertThat(history.at("/days/0/daysAgo").asInt()).isEqualTo(2);
        assertThat(history.at("/days/0/best").asDouble()).as("sixteenths at 60").isEqualTo(4.0);
        assertThat(history.at("/days/1/takes").asInt()).isEqualTo(1);
        assertThat(history.at("/days/1/best").isMissingNode()).isTrue();
        assertThat(history.at("/pieces/0/title").asString()).isEqualTo("Up and over");
        assertThat(teacher.get(path + "/history?key=C%20major").status()).isEqualTo(404);
    }

    @Test
    void the_desk_shows_one_verdict_of_the_whole_studio() {
        Given.student(teacher, "Bea", "oboe");
        play("clean@60", "clean@60", "clean@60");
        JsonNode desk = teacher.get("/api/desk").json();
        assertThat(desk.get("total").asInt()).isEqualTo(2);
        assertThat(desk.at("/counts/0/kind").asString()).isEqualTo("ready");
        JsonNode ready = teacher.get("/api/desk?verdict=ready").json();
        assertThat(ready.get("total").asInt()).isEqualTo(1);
        assertThat(ready.at("/items/0/name").asString()).isEqualTo("Ada");
        assertThat(teacher.get("/api/desk?verdict=stuck").json().get("items")).isEmpty();
        assertThat(teacher.get("/api/desk?page=-1").status()).isEqualTo(422);
    }
}
