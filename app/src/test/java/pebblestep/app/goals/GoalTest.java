package pebblestep.app.goals;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Required scales: made by hand or read from a list, and how they stand. */
@ExtendWith(RunningApp.class)
class GoalTest {
    private Client teacher;
    private Client student;
    private Answer enrolled;
    private String path;

    @BeforeEach
    void a_student(Client client) {
        teacher = client.signUp();
        enrolled = Given.student(teacher, "Ada", "oboe");
        path = "/api/students/" + enrolled.id() + "/required";
        student = client.byLink(enrolled.string("practicePath"));
    }

    private Answer add(String tonic, int bpm) {
        return teacher.post(
                path,
                "{\"tonic\":\"%s\",\"form\":\"major\",\"octaves\":2,\"value\":\"1/16\",\"bpm\":%d,\"date\":\"%s\"}"
                        .formatted(tonic, bpm, LocalDate.now().plusDays(30)));
    }

    @Test
    void a_required_scale_follows_what_is_practised_in_its_key() {
        assertThat(add("Db", 68).json().at("/0/kind").asString()).isEqualTo("not-given");
        long assignment = Given.assigned(teacher, enrolled).id();
        assertThat(teacher.get(path).json().at("/0/kind").asString()).isEqualTo("begun");
        student.post("/api/practice/takes", Given.take(assignment, "clean", 68));
        assertThat(teacher.get(path).json().at("/0/sentence").asString())
                .isEqualTo("Met: played clean at 68 bpm or faster.");
        long id = teacher.get(path).json().at("/0/id").asLong();
        assertThat(teacher.post("/api/required/" + id + "/remove", "").json()).isEmpty();
        assertThat(teacher.post("/api/required/" + id + "/restore", "").json()).hasSize(1);
    }

    @Test
    void a_list_is_read_and_what_cannot_be_is_told_by_its_line() {
        String csv =
                "key,form,octaves,value,tempo,date\nBb,major,2,eighths,96,2027-03-12\nH,major,1,1/8,80,2027-03-12\n"
                        + "Bb,major,2,eighths,96,2027-03-12\n";
        String body = "{\"text\":" + JsonMapper.builder().build().writeValueAsString(csv) + "}";
        JsonNode read = teacher.post(path + "/read", body).json();
        assertThat(read.get("taken").asInt()).isEqualTo(1);
        assertThat(read.at("/refused/0/line").asInt()).isEqualTo(3);
        assertThat(read.at("/refused/1/refusal").asString()).isEqualTo("It is on the list already.");
        assertThat(read.at("/scales/0/words").asString())
                .isEqualTo("B♭ major, two octaves in eighths at 96 bpm by 12 March 2027");
        assertThat(teacher.post(path + "/read", body).json().get("taken").asInt())
                .isZero();
    }

    @Test
    void what_cannot_be_played_is_refused() {
        assertThat(add("H", 80).string("pointer")).isEqualTo("/tonic");
        assertThat(add("C", 9000).status()).isEqualTo(422);
    }
}
