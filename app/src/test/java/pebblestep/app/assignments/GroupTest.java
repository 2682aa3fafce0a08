package pebblestep.app.assignments;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import tools.jackson.databind.JsonNode;

/** A routine for a class, each on their own instrument. */
@ExtendWith(RunningApp.class)
class GroupTest {

    @Test
    void somebody_who_is_named_twice_gets_everything_once_and_too_much_at_once_is_refused(Client client) {
        Client teacher = client.signUp();
        Answer student = Given.student(teacher, "Ada", "oboe");
        String step = "{\"document\":" + Given.STEP + ",\"climb\":" + Given.CLIMB + "}";
        Answer routine = teacher.post("/api/routines", "{\"title\":\"R\",\"steps\":[" + step + "]}");
        String twice = "{\"routineId\":" + routine.id() + ",\"studentIds\":[" + student.id() + "," + student.id()
                + "],\"startsOn\":\"" + LocalDate.now() + "\",\"minutesADay\":5}";
        assertThat(teacher.post("/api/assignments/group", twice).json()).hasSize(1);
        assertThat(teacher.get("/api/students/" + student.id() + "/assignments").json())
                .hasSize(1);
        String sixty = String.join(",", Collections.nCopies(60, step));
        Answer large = teacher.post("/api/routines", "{\"title\":\"L\",\"steps\":[" + sixty + "]}");
        List<String> ids = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            ids.add(String.valueOf(Given.student(teacher, "S" + i, "oboe").id()));
        }
        String all = "{\"routineId\":" + large.id() + ",\"studentIds\":[" + String.join(",", ids) + "],\"startsOn\":\""
                + LocalDate.now() + "\",\"minutesADay\":5}";
        for (String path : List.of("/api/assignments/group", "/api/assignments/group/preview")) {
            Answer refused = teacher.post(path, all);
            assertThat(refused.status()).isEqualTo(422);
            assertThat(refused.string("detail")).startsWith("That would give 1200 steps at once");
        }
    }

    @Test
    void a_class_is_given_a_routine_in_one_go_and_what_does_not_fit_is_told(Client client) {
        Client teacher = client.signUp();
        Answer oboe = Given.student(teacher, "Ada", "oboe");
        Answer horn = Given.student(teacher, "Bea", "english-horn");
        Answer beginner =
                teacher.post("/api/students", "{\"name\":\"Cleo\",\"instrument\":\"oboe\",\"level\":\"first-octave\"}");
        long routine = Given.step(teacher).json().get("routineId").asLong();
        LocalDate monday = LocalDate.of(2027, 3, 1);
        String form =
                "{\"routineId\":%d,\"studentIds\":[%d,%d,%d],\"startsOn\":\"%s\",\"endsOn\":\"%s\",\"weekdays\":[1,3,5],\"minutesADay\":5}"
                        .formatted(routine, oboe.id(), horn.id(), beginner.id(), monday, monday.plusDays(20));
        JsonNode preview = teacher.post("/api/assignments/group/preview", form).json();
        assertThat(preview.at("/students/0/steps/0/key").asString()).isEqualTo("D♭ major");
        assertThat(preview.at("/students/1/steps/0/key").asString()).isEqualTo("A♭ major");
        assertThat(preview.at("/students/2/steps/0/refusal").asString()).contains("Two octaves from D♭");
        // Three days a week, and nothing seen in this studio yet: a rung a day is reckoned with.
        assertThat(preview.at("/students/0/steps/0/weeks").toString()).isEqualTo("[\"84 bpm\",\"100 bpm\"]");
        assertThat(preview.at("/students/0/given").asInt()).isZero();
        assertThat(teacher.get("/api/students/" + oboe.id() + "/assignments").json())
                .isEmpty();
        JsonNode given = teacher.post("/api/assignments/group", form).json();
        assertThat(given.at("/0/given").asInt()).isEqualTo(1);
        assertThat(given.at("/2/given").asInt()).isZero();
        JsonNode assigned =
                teacher.get("/api/students/" + horn.id() + "/assignments").json();
        assertThat(assigned).hasSize(1);
        assertThat(assigned.at("/0/weekdays").toString()).isEqualTo("[1,3,5]");
        assertThat(teacher.get("/api/students/" + beginner.id() + "/assignments")
                        .json())
                .isEmpty();
        assertThat(teacher.post(
                                "/api/assignments/group",
                                form.replaceAll("\\[\\d+,\\d+,\\d+\\],\"starts", "[],\"starts"))
                        .string("pointer"))
                .isEqualTo("/studentIds");
    }

    @Test
    void each_student_starts_on_a_rung_of_their_own(Client client) {
        Client teacher = client.signUp();
        Answer ada = Given.student(teacher, "Ada", "oboe");
        Answer bea = Given.student(teacher, "Bea", "oboe");
        Answer step = Given.step(teacher);
        String form =
                """
                {"routineId":%d,"studentIds":[%d,%d],"startsOn":"%s","minutesADay":5,
                 "starts":[{"studentId":%d,"stepId":%d,"at":[2]}]}"""
                        .formatted(
                                step.json().get("routineId").asLong(),
                                ada.id(),
                                bea.id(),
                                LocalDate.now(),
                                bea.id(),
                                step.id());
        JsonNode preview = teacher.post("/api/assignments/group/preview", form).json();
        assertThat(preview.at("/steps/0/starts/2/words").asString()).isEqualTo("76 bpm");
        assertThat(preview.at("/steps/0/starts")).hasSize(6);
        teacher.post("/api/assignments/group", form);
        assertThat(bpm(client, ada)).isEqualTo(60);
        assertThat(bpm(client, bea)).isEqualTo(76);
        Answer refused = teacher.post("/api/assignments/group", form.replace("[2]", "[99]"));
        assertThat(refused.status()).isEqualTo(422);
    }

    private static int bpm(Client client, Answer student) {
        return client.byLink(student.string("practicePath"))
                .get("/api/practice/today")
                .json()
                .at("/items/0/toPlay/here/bpm")
                .asInt();
    }
}
