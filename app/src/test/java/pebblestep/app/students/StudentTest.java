package pebblestep.app.students;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApp.class)
class StudentTest {
    private Client teacher;

    @BeforeEach
    void a_studio(Client client) {
        teacher = client.signUp();
    }

    @Test
    void of_two_windows_the_second_is_told_that_the_first_has_changed_the_student(Client client) {
        Client teacher = client.signUp();
        Answer student = Given.student(teacher, "Ada", "oboe");
        String path = "/api/students/" + student.id();
        String form = "{\"name\":\"%s\",\"instrument\":\"oboe\",\"version\":"
                + student.json().get("version") + "}";
        assertThat(teacher.put(path, form.formatted("First")).status()).isEqualTo(200);
        Answer second = teacher.put(path, form.formatted("Second"));
        assertThat(second.status()).isEqualTo(409);
        assertThat(second.string("detail")).startsWith("First was changed elsewhere");
        assertThat(teacher.get(path).string("name")).isEqualTo("First");
    }

    @Test
    void a_student_is_added_with_an_instrument_and_a_link() {
        Answer added = Given.student(teacher, "  Ada Reed ", "bassoon");
        assertThat(added.status()).isEqualTo(201);
        assertThat(added.string("name")).isEqualTo("Ada Reed");
        assertThat(added.string("/instrument/name")).isEqualTo("Bassoon");
        assertThat(added.string("practicePath")).matches("/p/[A-Za-z0-9_-]{32}");
        assertThat(teacher.get("/api/students/" + added.id()).json()).isEqualTo(added.json());
    }

    @Test
    void a_student_who_changes_instruments_reads_the_same_work_in_other_notes() {
        Answer student = Given.student(teacher, "Ada Reed", "oboe");
        Given.assigned(teacher, student);
        Client practising = teacher.byLink(student.string("practicePath"));
        assertThat(practising
                        .get("/api/practice/today")
                        .json()
                        .at("/items/0/head/key")
                        .asString())
                .isEqualTo("D♭ major");
        Answer changed = teacher.put(
                "/api/students/" + student.id(),
                """
                {"name":"Ada Quill","instrument":"english-horn"}""");
        assertThat(changed.string("name")).isEqualTo("Ada Quill");
        assertThat(changed.string("practicePath")).isEqualTo(student.string("practicePath"));
        assertThat(practising
                        .get("/api/practice/today")
                        .json()
                        .at("/items/0/head/key")
                        .asString())
                .isEqualTo("A♭ major");
    }

    @Test
    void a_class_is_kept_by_its_name_and_left_by_none() {
        String form = "{\"name\":\"Ada\",\"instrument\":\"oboe\",\"className\":\"%s\"}";
        Answer ada = teacher.post("/api/students", form.formatted(" Saturday reeds "));
        assertThat(ada.string("className")).isEqualTo("Saturday reeds");
        Answer left = teacher.put("/api/students/" + ada.id(), form.formatted("  "));
        assertThat(left.json().has("className")).isFalse();
        Answer refused = teacher.put("/api/students/" + ada.id(), form.formatted("x".repeat(61)));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.string("pointer")).isEqualTo("/className");
        assertThat(refused.string("detail")).isEqualTo("The name of a class has at most 60 characters.");
    }

    @Test
    void students_are_listed_by_name_and_those_put_away_apart() {
        Given.student(teacher, "Cleo", "cello");
        Answer bea = Given.student(teacher, "Bea", "horn");
        Given.student(teacher, "Ada", "flute");
        assertThat(names(false)).isEqualTo("[Ada, Bea, Cleo]");
        teacher.post("/api/students/" + bea.id() + "/archive");
        assertThat(names(false)).isEqualTo("[Ada, Cleo]");
        assertThat(names(true)).isEqualTo("[Bea]");
    }

    private String names(boolean archived) {
        JsonNode items =
                teacher.get("/api/students?archived=" + archived).json().get("items");
        return items.valueStream()
                .map(item -> item.get("name").asString())
                .toList()
                .toString();
    }

    @Test
    void nothing_is_assigned_to_a_student_who_is_put_away() {
        Answer student = Given.student(teacher, "Ada", "oboe");
        Answer step = Given.step(teacher);
        teacher.post("/api/students/" + student.id() + "/archive");
        Answer refused = teacher.post("/api/assignments", Given.assignment(step.id(), student.id()));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.string("detail")).isEqualTo("Ada is put away. Take them back first.");
    }

    @Test
    void a_students_hand_is_kept_and_decides_how_they_play() {
        String form =
                """
                {"name":"Vera","instrument":"violin","hand":{"highest":"I","school":"avoid"}}""";
        Answer added = teacher.post("/api/students", form);
        assertThat(added.status()).as(added.text()).isEqualTo(201);
        assertThat(added.string("/hand/highest")).isEqualTo("I");
        String step =
                """
                {"format":"pebble-step/1","key":{"tonic":"A"},"line":{"octaves":1,"travel":"up","register":"A4"},"rhythm":{"figure":["1/8"]},"tempo":{"bpm":75}}""";
        JsonNode passage = teacher.post(
                        "/api/passages?with=hand", "{\"step\":" + step + ",\"student\":" + added.id() + "}")
                .json();
        // Whoever avoids open strings takes the fourth finger on the string below.
        assertThat(passage.at("/hand/notes/0/text").asString()).isEqualTo("4");
        assertThat(passage.at("/hand/notes/0/look/words").asString()).isEqualTo("D string, 4");
    }

    @Test
    void a_hand_that_cannot_be_is_refused_by_its_field() {
        Answer refused = teacher.post(
                "/api/students",
                """
                {"name":"Vera","instrument":"classical-guitar","hand":{"strings":["E5","H4"]}}""");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.string("pointer")).isEqualTo("/hand/strings");
        assertThat(teacher.post(
                                "/api/students",
                                """
                                {"name":"Vera","instrument":"classical-guitar","hand":{"capo":40}}""")
                        .string("pointer"))
                .isEqualTo("/hand/capo");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"strings\":[null,\"E5\",\"B4\"]}",
                "{\"strings\":[\"E5\"]}",
                "{\"capo\":-1}",
                "{\"valves\":5}",
                "{\"triggers\":9}",
                "{\"change\":\"H\"}",
                "{\"horn\":\"triple\"}",
                "{\"highest\":\"IIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIII\"}"
            })
    void whatever_is_typed_of_a_hand_is_answered_with_what_to_do(String hand) {
        Answer refused =
                teacher.post("/api/students", "{\"name\":\"Vera\",\"instrument\":\"horn\",\"hand\":" + hand + "}");
        assertThat(refused.status()).as(refused.text()).isIn(400, 422);
        assertThat(refused.string("detail")).isNotBlank();
    }

    @Test
    void an_instrument_of_ones_own_borrows_a_hand() {
        Answer own = teacher.post(
                "/api/instruments",
                """
                {"name":"Tide horn","family":"brass","sounds":"Bb3","clefs":["treble"],"firstOctave":"C4-D5","comfortable":"C4-G5","full":"F#3-C6","fingeredLike":"trumpet"}""");
        assertThat(own.status()).as(own.text()).isEqualTo(201);
        assertThat(own.string("/hand/family")).isEqualTo("valves");
        Answer student = Given.student(teacher, "Tam", own.string("id"));
        String step =
                """
                {"format":"pebble-step/1","key":{"tonic":"Bb"},"line":{"octaves":1,"travel":"up"},"rhythm":{"figure":["1/8"]},"tempo":{"bpm":75}}""";
        JsonNode passage = teacher.post(
                        "/api/passages?with=hand", "{\"step\":" + step + ",\"student\":" + student.id() + "}")
                .json();
        assertThat(passage.at("/hand/notes/1/text").asString()).isEqualTo("1-3");
    }
}
