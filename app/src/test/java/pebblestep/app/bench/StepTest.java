package pebblestep.app.bench;

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

@ExtendWith(RunningApp.class)
class StepTest {
    private Client teacher;

    @BeforeEach
    void a_studio(Client client) {
        teacher = client.signUp();
    }

    @Test
    void a_step_is_kept_as_its_document_and_said_in_words() {
        Answer kept = Given.step(teacher);
        assertThat(kept.status()).isEqualTo(201);
        assertThat(kept.string("title")).isEqualTo("Up and over");
        assertThat(kept.string("summary")).isEqualTo("D♭ major, two octaves up and down, sixteenths from 1");
        JsonNode again = teacher.get(
                        "/api/routines/" + kept.json().get("routineId").asLong())
                .json()
                .at("/steps/0");
        assertThat(again).isEqualTo(kept.json());
        Answer worked =
                teacher.post("/api/passages?with=score,clicks,pulse", "{\"step\":" + again.get("document") + "}");
        assertThat(worked.json().at("/landing/sentence").asString())
                .isEqualTo("Ends on beat 4 of bar 2, one quarter short of beat 1.");
        assertThat(worked.json().at("/notated/score").isObject()).isTrue();
    }

    @Test
    void a_step_without_a_title_gets_one_that_says_what_it_is() {
        Answer kept = Given.step(teacher, Given.STEP.replace("\"Up and over\"", "\"  \""));
        assertThat(kept.string("title")).isEqualTo("D♭ major, two octaves up and down, sixteenths from 1");
    }

    @Test
    void a_wrong_document_or_climb_is_refused_by_its_place_in_the_request() {
        assertThat(Given.step(teacher, Given.STEP.replace("4/4", "0/4")).string("pointer"))
                .isEqualTo("/steps/0/document/rhythm/meter");
        Answer climb = Given.step(teacher, Given.STEP, Given.CLIMB.replace("8}", "-1}"));
        assertThat(climb.status()).isEqualTo(422);
        assertThat(climb.string("pointer")).isEqualTo("/steps/0/climb/axes/0/scheme/by");
        assertThat(teacher.get("/api/routines").json().get("total").asInt()).isZero();
    }

    @Test
    void a_step_is_assigned_only_where_it_fits() {
        Answer step = Given.step(teacher, Given.STEP.replace("\"octaves\":2", "\"octaves\":3"));
        Answer oboe = Given.student(teacher, "Oboe", "oboe");
        Answer refused = teacher.post("/api/assignments", Given.assignment(step.id(), oboe.id()));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.string("detail")).contains("Three octaves from D♭ need D♭4 to D♭7");
        assertThat(refused.string("fits")).isEqualTo("Two octaves fit.");
        Answer cello = Given.student(teacher, "Cello", "cello");
        assertThat(teacher.post("/api/assignments", Given.assignment(step.id(), cello.id()))
                        .status())
                .isEqualTo(201);
        LocalDate today = LocalDate.now();
        Answer backwards = teacher.post(
                "/api/assignments",
                """
                {"stepId":%d,"studentId":%d,"startsOn":"%s","endsOn":"%s","minutesADay":8}"""
                        .formatted(step.id(), cello.id(), today, today.minusDays(1)));
        assertThat(backwards.string("pointer")).isEqualTo("/endsOn");
    }

    @Test
    void lists_are_paged() {
        for (int i = 0; i < 51; i++) Given.student(teacher, "Student " + i, "oboe");
        JsonNode first = teacher.get("/api/students").json();
        assertThat(first.get("items")).hasSize(50);
        assertThat(first.get("pages").asInt()).isEqualTo(2);
        assertThat(teacher.get("/api/students?page=1").json().get("items")).hasSize(1);
        assertThat(teacher.get("/api/desk?page=1").json().get("items")).hasSize(1);
    }
}
