package pebblestep.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;

/** Bad input gets a clear error that says what to do, and nothing is lost. */
@ExtendWith(RunningApp.class)
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class BadInputTest {
    private Client teacher;

    @BeforeAll
    void a_studio(Client client) {
        teacher = client.signUp();
    }

    /** The step with one text replaced by another, worked out. */
    private Answer passage(String text, String replacement) {
        assertThat(Given.STEP).contains(text);
        return teacher.post("/api/passages", "{\"step\":" + Given.STEP.replace(text, replacement) + "}");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "\"strikes\":1 | \"strikes\":1,\"colour\":1 | /step/rhythm/colour | There is no field",
                "\"place\":\"0\" | \"place\":\"1/0\" | /step/rhythm/place | does not fit here",
                "\"strikes\":1 | \"strikes\":10000 | /step/rhythm/strikes | 10000 does not fit",
                "\"octaves\":2 | \"span\":10000 | /step/line/span | 10000 does not fit",
                "\"meter\":\"4/4\" | \"meter\":\"0/4\" | /step/rhythm/meter | does not fit here",
                "\"bpm\":72 | \"bpm\":\"NaN\" | /step/tempo/bpm | does not fit here",
                "\"form\":\"major\" | \"form\":\"enigmatic\" | /step/key/form | There is no form",
                "\"pattern\":\"straight\" | \"pattern\":\"sequence\" | /step/line/cell | This pattern needs this field",
                "\"octaves\":2 | \"octaves\":2,\"span\":5 | /step/line/octaves | exactly one of the two"
            })
    void a_step_that_cannot_be_made_is_refused_by_its_field(
            String text, String replacement, String pointer, String detail) {
        Answer answer = passage(text, replacement);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.string("pointer")).isEqualTo(pointer);
        assertThat(answer.string("detail")).contains(detail);
        assertThat(answer.string("title")).isEqualTo("This cannot be made");
        assertThat(answer.string("type")).startsWith("urn:pebble-step:problem:");
    }

    @Test
    void a_bare_nan_is_no_json() {
        Answer answer = passage("\"bpm\":72", "\"bpm\":NaN");
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.string("detail")).startsWith("The request holds no readable JSON.");
    }

    @Test
    void a_step_that_does_not_fit_the_instrument_says_what_would() {
        Answer answer = teacher.post(
                "/api/passages",
                "{\"step\":" + Given.STEP.replace("\"octaves\":2", "\"octaves\":4") + ",\"instrument\":\"bassoon\"}");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.string("pointer")).isEqualTo("/step/line/octaves");
        assertThat(answer.string("fits")).isEqualTo("Three octaves fit.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "{\"step\":{},\"instrument\":\"kazoo\"} | 422 | /instrument",
                "{\"instrument\":\"oboe\"} | 422 | /step",
                "{\"step\":{},\"tempo\":1} | 422 | /tempo",
                "{\"step\": | 400 | ``",
                "[] | 422 | ``"
            })
    void a_request_of_the_wrong_shape_is_refused(String body, int status, String pointer) {
        Answer answer = teacher.post("/api/passages", body);
        assertThat(answer.status()).isEqualTo(status);
        assertThat(answer.string("pointer")).isEqualTo(pointer == null ? "" : pointer);
        assertThat(answer.string("detail")).isNotBlank();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "{\"from\":60,\"to\":100,\"scheme\":{\"type\":\"spiral\"}} | /scheme/type",
                "{\"from\":60,\"to\":100,\"scheme\":{\"type\":\"dial\",\"by\":4}} | /scheme/by",
                "{\"from\":60,\"to\":100,\"scheme\":{\"type\":\"percent\"}} | /scheme/by",
                "{\"from\":60,\"to\":100,\"scheme\":{\"type\":\"back-step\",\"by\":4,\"forward\":1}} | /scheme/forward",
                "{\"from\":60,\"to\":100,\"scheme\":{\"type\":\"fixed\",\"by\":4,\"forward\":2}} | /scheme/forward",
                "{\"from\":60,\"to\":100,\"scheme\":{\"type\":\"fixed\"}} | /scheme/by",
                "{\"from\":60,\"to\":100,\"scheme\":{\"type\":\"fixed\",\"by\":0}} | /scheme/by",
                "{\"from\":5,\"to\":100,\"scheme\":{\"type\":\"fixed\",\"by\":8}} | /from",
                "{\"from\":60,\"to\":1e9,\"scheme\":{\"type\":\"fixed\",\"by\":8}} | /to",
                "{\"from\":\"x\",\"to\":100,\"scheme\":{\"type\":\"fixed\",\"by\":8}} | /from",
                "{\"from\":60,\"scheme\":{\"type\":\"fixed\",\"by\":8}} | /to"
            })
    void a_ladder_that_cannot_be_built_is_refused_by_its_field(String ladder, String pointer) {
        Answer answer = climb("{\"axis\":\"tempo\"," + ladder.substring(1));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.string("pointer")).isEqualTo("/climb/axes/0" + pointer);
    }

    @Test
    void a_ladder_is_built_as_published() {
        assertThat(rungs("{\"type\":\"fixed\",\"by\":8}")).isEqualTo("[60, 68, 76, 84, 92, 100]");
        assertThat(rungs("{\"type\":\"percent\",\"by\":10}")).isEqualTo("[60, 66, 73, 80, 88, 97, 100]");
        assertThat(rungs("{\"type\":\"dial\"}")).isEqualTo("[60, 63, 66, 69, 72, 76, 80, 84, 88, 92, 96, 100]");
        assertThat(rungs("{\"type\":\"back-step\",\"by\":20,\"forward\":2}")).isEqualTo("[60, 80, 100]");
        assertThat(rungs("{\"type\":\"alternate\",\"by\":20}")).isEqualTo("[60, 80, 60, 100]");
    }

    private Answer climb(String axis) {
        return teacher.post("/api/climbs", "{\"step\":" + Given.STEP + ",\"climb\":{\"axes\":[" + axis + "]}}");
    }

    private String rungs(String scheme) {
        return climb("{\"axis\":\"tempo\",\"from\":60,\"to\":100,\"scheme\":" + scheme + "}")
                .json()
                .at("/axes/0/rungs")
                .valueStream()
                .map(rung -> rung.get("bpm").asString())
                .toList()
                .toString();
    }

    @Test
    void names_are_bounded_and_kept_as_they_are() {
        Answer tooLong = Given.student(teacher, "x".repeat(1000), "oboe");
        assertThat(tooLong.status()).isEqualTo(422);
        assertThat(tooLong.string("pointer")).isEqualTo("/name");
        assertThat(tooLong.string("detail")).isEqualTo("A name has at most 80 characters.");
        assertThat(Given.student(teacher, " ", "oboe").string("pointer")).isEqualTo("/name");
        assertThat(Given.student(teacher, "Ada", "kazoo").string("pointer")).isEqualTo("/instrument");
        String html = "<img src=x onerror=alert(1)>";
        Answer kept = Given.student(teacher, html, "oboe");
        assertThat(kept.status()).isEqualTo(201);
        assertThat(kept.string("name")).isEqualTo(html);
        assertThat(kept.type()).startsWith("application/json");
    }

    @Test
    void a_request_larger_than_any_document_is_refused() {
        Answer answer = teacher.post("/api/passages", "{\"step\":\"" + "x".repeat(300_000) + "\"}");
        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.string("detail")).contains("256 kB");
    }

    @Test
    void what_is_not_there_is_said_plainly() {
        assertThat(teacher.get("/api/nothing").status()).isEqualTo(404);
        assertThat(teacher.get("/api/students/999999999").string("detail"))
                .isEqualTo("There is no such student in this studio.");
        assertThat(teacher.get("/api/students/abc").status()).isEqualTo(400);
        assertThat(teacher.get("/api/students?page=-1").status()).isEqualTo(422);
        assertThat(teacher.delete("/api/students").status()).isEqualTo(405);
    }

    @Test
    void an_address_without_a_number_says_so() {
        Answer answer = teacher.get("/api/students/NaN");
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.string("detail")).isEqualTo("The address holds \"NaN\" where something else is needed.");
    }

    /** On a student that is there, each of these is refused by its field. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "/required | {\"form\":\"major\",\"octaves\":1,\"value\":\"1/8\",\"bpm\":80,\"date\":\"2027-01-01\"} | /tonic",
                "/required | {\"tonic\":\"C\",\"form\":\"major\",\"octaves\":9,\"value\":\"1/8\",\"bpm\":80,\"date\":\"2027-01-01\"} | /octaves",
                "/required | {\"tonic\":\"C\",\"form\":\"major\",\"octaves\":1,\"value\":\"x\",\"bpm\":80,\"date\":\"2027-01-01\"} | /value",
                "/required | {\"tonic\":\"C\",\"form\":\"major\",\"octaves\":1,\"value\":\"1/8\",\"bpm\":9999,\"date\":\"2027-01-01\"} | /bpm",
                "/required/read | {\"text\":\"\"} | /text",
                "/required/read | {\"text\":\"key only\"} | /text",
                "/lesson-notes | {\"text\":\"\"} | /text",
                "/lesson-notes | {} | /text",
                "/quiz/answers | {\"kind\":\"guess\",\"tonic\":\"C\",\"form\":\"major\",\"answer\":\"C\"} | /kind",
                "/quiz/answers | {\"kind\":\"spell\",\"tonic\":\"C\",\"form\":\"major\",\"answer\":\"\"} | /answer",
                "/quiz/answers | {\"kind\":\"spell\",\"tonic\":\"C\",\"form\":\"major\",\"answer\":\"do re\"} | /answer"
            })
    void what_is_wrong_about_a_student_is_refused_by_its_field(String path, String body, String pointer) {
        long student = Given.student(teacher, "Ada", "oboe").id();
        Answer answer = teacher.post("/api/students/" + student + path, body);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.string("pointer")).isEqualTo(pointer);
        assertThat(answer.string("detail")).isNotBlank();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "\"order\":\"fourths\" | \"order\":\"moods\" | /order",
                "\"start\":\"C\" | \"start\":\"H\" | /start",
                "\"order\":\"fourths\" | \"keys\":\"C C\" | /keys",
                "\"order\":\"fourths\" | \"keys\":\"C X\" | /keys",
                "\"forms\":\"major\" | \"forms\":\"many\" | /forms",
                "\"pace\":\"week\" | \"pace\":\"hour\" | /pace",
                "\"named\":\"written\" | \"named\":\"sung\" | /named",
                "\"minutesADay\":5 | \"minutesADay\":0 | /minutesADay"
            })
    void a_key_plan_that_cannot_be_is_refused_by_its_field(String text, String replacement, String pointer) {
        long student = Given.student(teacher, "Ada", "oboe").id();
        long routine = Given.step(teacher).json().get("routineId").asLong();
        String form =
                """
                {"routineId":%d,"studentIds":[%d],"order":"fourths","start":"C","thereAndBack":false,"named":"written",
                 "forms":"major","pace":"week","startsOn":"2026-03-02","minutesADay":5}"""
                        .formatted(routine, student);
        assertThat(form).contains(text);
        Answer answer = teacher.post("/api/key-plans", form.replace(text, replacement));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.string("pointer")).isEqualTo(pointer);
    }
}
