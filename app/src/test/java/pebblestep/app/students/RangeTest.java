package pebblestep.app.students;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.InThePage;
import pebblestep.app.RunningApp;
import tools.jackson.databind.JsonNode;

/** A student's range, the studio's instruments and settings, and what they do to a passage. */
@ExtendWith(RunningApp.class)
class RangeTest {
    private Client teacher;

    @BeforeEach
    void a_studio(Client client) {
        teacher = client.signUp();
    }

    private Answer student(String more) {
        return teacher.post("/api/students", "{\"name\":\"Ada Reed\",\"instrument\":\"oboe\"" + more + "}");
    }

    private Answer passage(String who) {
        return teacher.post("/api/passages", "{\"step\":" + Given.STEP + "," + who + "}");
    }

    @Test
    void a_level_gives_a_range_and_an_own_range_replaces_it() {
        assertThat(student("").string("/instrument/range")).isEqualTo("Bb3-A6");
        Answer first = student(",\"level\":\"first-octave\"");
        assertThat(first.string("/instrument/range")).isEqualTo("D4-G5");
        assertThat(first.json().at("/instrument/ownRange").asBoolean()).isFalse();
        Answer refused = passage("\"student\":" + first.id());
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.string("detail"))
                .isEqualTo("Two octaves from D♭ need D♭5 to D♭7 as written; the player's range is D4 to G5.");
        Answer own = student(",\"range\":\"Db4 - Db6\"");
        assertThat(own.string("/instrument/range")).isEqualTo("Db4-Db6");
        assertThat(passage("\"student\":" + own.id()).status()).isEqualTo(200);
        assertThat(student(",\"range\":\"G5-D4\"").string("pointer")).isEqualTo("/range");
        assertThat(student(",\"level\":\"expert\"").string("pointer")).isEqualTo("/level");
    }

    @Test
    void a_range_grows_note_by_note_until_the_line_fits() {
        Answer student = student(",\"range\":\"Db4-C6\"");
        String grow = "/api/students/" + student.id() + "/range";
        assertThat(passage("\"student\":" + student.id()).status()).isEqualTo(422);
        assertThat(teacher.post(grow, "{\"end\":\"top\",\"notes\":1}").string("/instrument/range"))
                .isEqualTo("Db4-C#6");
        assertThat(passage("\"student\":" + student.id()).status()).isEqualTo(200);
        assertThat(teacher.post(grow, "{\"end\":\"bottom\",\"notes\":1}").string("/instrument/range"))
                .isEqualTo("C4-C#6");
        assertThat(teacher.post(grow, "{\"end\":\"top\",\"notes\":-1}").string("/instrument/range"))
                .isEqualTo("C4-C6");
        assertThat(teacher.post(grow, "{\"end\":\"middle\",\"notes\":1}").status())
                .isEqualTo(422);
        assertThat(teacher.post(grow, "{\"end\":\"top\",\"notes\":12}").status())
                .isEqualTo(422);
    }

    @Test
    void a_studio_adds_an_instrument_changes_it_and_teaches_it() {
        Answer added = teacher.post("/api/instruments", Given.INSTRUMENT);
        assertThat(added.status()).isEqualTo(201);
        assertThat(added.string("id")).startsWith("own-");
        Answer student =
                teacher.post("/api/students", "{\"name\":\"A\",\"instrument\":\"" + added.string("id") + "\"}");
        assertThat(student.string("/instrument/name")).isEqualTo("Marsh reed");
        assertThat(passage("\"student\":" + student.id()).string("/key/written"))
                .isEqualTo("A♭ major");
        String path = "/api/instruments/" + added.json().get("ownId").asLong();
        Answer changed = teacher.put(path, Given.INSTRUMENT.replace("F3", "Bb3").replace("Marsh", "Fen"));
        assertThat(changed.string("name")).isEqualTo("Fen reed");
        assertThat(passage("\"student\":" + student.id()).string("/key/written"))
                .isEqualTo("E♭ major");
        assertThat(teacher.post(path + "/archive").json().get("archived").asBoolean())
                .isTrue();
        assertThat(passage("\"student\":" + student.id()).status())
                .as("its students keep it")
                .isEqualTo(200);
        assertThat(teacher.get("/api/instruments").json().get(0).get("name").asString())
                .isEqualTo("Fen reed");
    }

    @Test
    void an_instrument_that_cannot_be_is_refused_by_its_field() {
        assertThat(refusedAt("F3", "H3")).isEqualTo("/sounds");
        assertThat(refusedAt("\"treble\"", "\"soprano\"")).isEqualTo("/clefs");
        assertThat(refusedAt("D4-G5", "A3-G5")).isEqualTo("/firstOctave");
        assertThat(refusedAt("B3-A6", "A6")).isEqualTo("/full");
        assertThat(refusedAt("woodwind", "spoons")).isEqualTo("/family");
    }

    private String refusedAt(String what, String by) {
        Answer answer = teacher.post("/api/instruments", Given.INSTRUMENT.replace(what, by));
        assertThat(answer.status()).isEqualTo(422);
        return answer.string("pointer");
    }

    @Test
    void the_studio_decides_how_six_accidentals_are_spelled() {
        String step = Given.STEP.replace("\"Db\"", "\"A\"");
        String ask = "{\"step\":" + step + ",\"instrument\":\"alto-saxophone\"}";
        assertThat(teacher.post("/api/passages", ask).string("/key/written")).isEqualTo("F♯ major");
        assertThat(teacher.put("/api/settings", "{\"sixAccidentals\":\"flats\"}")
                        .status())
                .isEqualTo(200);
        assertThat(teacher.post("/api/passages", ask).string("/key/written")).isEqualTo("G♭ major");
        assertThat(teacher.get("/api/settings").string("sixAccidentals")).isEqualTo("flats");
        assertThat(teacher.put("/api/settings", "{\"sixAccidentals\":\"both\"}").status())
                .isEqualTo(422);
    }

    @Test
    void what_is_new_is_counted_from_the_key_the_student_comes_from() {
        Answer student = Given.student(teacher, "Ada", "english-horn");
        assertThat(passage("\"student\":" + student.id()).json().at("/care/newNotes"))
                .isEmpty();
        Answer before = Given.step(teacher, Given.STEP.replace("\"Db\"", "\"Ab\""));
        teacher.post("/api/assignments", Given.assignment(before.id(), student.id()));
        JsonNode fresh = passage("\"student\":" + student.id()).json().at("/care/newNotes");
        assertThat(fresh.toString()).as("written Ab from written Eb").isEqualTo("[{\"note\":\"Db\",\"was\":\"D\"}]");
        Given.assigned(teacher, student);
        Client practising = teacher.byLink(student.string("practicePath"));
        String id = practising
                .get("/api/practice/today")
                .json()
                .at("/items/1/assignmentId")
                .asString();
        assertThat(InThePage.of(practising)
                        .passage(Long.parseLong(id))
                        .at("/care/newNotes/0/note")
                        .asString())
                .isEqualTo("Db");
    }

    @Test
    void a_slip_in_typed_degrees_is_placed() {
        String step = Given.STEP.replace("\"pattern\":\"straight\"", "\"pattern\":\"free\",\"degrees\":\"1 2 x\"");
        Answer refused = teacher.post("/api/passages", "{\"step\":" + step + "}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.string("pointer")).isEqualTo("/step/line/degrees");
        assertThat(refused.json().get("position").asInt()).isEqualTo(5);
    }
}
