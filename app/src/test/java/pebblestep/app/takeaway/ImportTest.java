package pebblestep.app.takeaway;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;

@ExtendWith(RunningApp.class)
class ImportTest {
    private static final String TUNE =
            """
            <score-partwise version="4.0"><work><work-title>Slack water</work-title></work>
            <part-list><score-part id="P1"><part-name>Oboe</part-name></score-part></part-list>
            <part id="P1"><measure number="1"><attributes><divisions>2</divisions><key><fifths>1</fifths></key>
            <time><beats>3</beats><beat-type>4</beat-type></time></attributes>
            <note><pitch><step>G</step><octave>4</octave></pitch><duration>2</duration></note>
            <note><grace/><pitch><step>C</step><octave>5</octave></pitch></note>
            <note><pitch><step>B</step><octave>4</octave></pitch><duration>3</duration></note>
            <note><pitch><step>A</step><octave>4</octave></pitch><duration>1</duration></note></measure>
            <measure number="2"><note><pitch><step>F</step><alter>1</alter><octave>4</octave></pitch><duration>2</duration></note>
            <note><pitch><step>G</step><octave>4</octave></pitch><duration>4</duration></note></measure></part></score-partwise>
            """;

    private Client client;
    private Client teacher;

    @BeforeEach
    void a_teacher(Client fresh) {
        client = fresh;
        teacher = client.another().signUp();
    }

    private Answer found(String file, String query) {
        return teacher.send("POST", "/api/imports?name=tune.musicxml" + query, file, "application/octet-stream");
    }

    @Test
    void a_tune_becomes_a_step_in_the_key_it_is_in() {
        Answer found = found(TUNE, "");
        assertThat(found.status()).isEqualTo(200);
        assertThat(found.string("kind")).isEqualTo("music");
        assertThat(found.string("title")).isEqualTo("Slack water");
        assertThat(found.string("/keys/0/words")).isEqualTo("G major, all 5 notes");
        assertThat(found.string("/steps/0/document/key/tonic")).isEqualTo("G");
        assertThat(found.string("/steps/0/document/line/degrees")).isEqualTo("8 10 9 7 8");
        assertThat(found.json().at("/steps/0/document/rhythm/figure").toString())
                .isEqualTo("[\"1/4\",\"3/8\",\"1/8\",\"1/4\",\"1/2\"]");
        assertThat(found.json().at("/left").toString()).isEqualTo("[\"grace notes: measure 1\"]");
    }

    @Test
    void nothing_is_kept_until_it_is_taken_and_only_its_studio_can() {
        String path = "/api/imports/" + found(TUNE, "").string("id") + "/take";
        assertThat(teacher.get("/api/routines").json().at("/total").asInt()).isZero();
        assertThat(client.another().signUp().post(path, "{}").status()).isEqualTo(404);
        Answer taken = teacher.post(path, "{\"title\":\"Tunes\"}");
        assertThat(taken.string("title")).isEqualTo("Tunes");
        assertThat(taken.string("/steps/0/document/title")).isEqualTo("Slack water");
        assertThat(teacher.get("/api/routines").json().at("/total").asInt()).isEqualTo(1);
        assertThat(teacher.post(path, "{}").status()).as("taken once").isEqualTo(404);
        assertThat(teacher.post("/api/routines/" + taken.id() + "/archive").status())
                .as("and put away again")
                .isEqualTo(200);
    }

    @Test
    void another_key_can_be_chosen() {
        Answer found = found(TUNE, "&tonic=E&form=natural-minor");
        assertThat(found.string("/steps/0/document/key/form")).isEqualTo("natural-minor");
        assertThat(found.string("/steps/0/document/line/degrees")).isEqualTo("3 5 4 2 3");
        assertThat(found(TUNE, "&tonic=H&form=major").status()).isEqualTo(422);
        assertThat(found(TUNE, "&part=3").status()).isEqualTo(422);
    }

    @Test
    void what_went_out_comes_in_again() {
        Answer step = Given.step(teacher);
        long routine = step.json().path("routineId").asLong();
        String ours = teacher.post("/api/exports/routine", "{\"routine\":" + routine + "}")
                .text();
        Answer found = found(ours, "");
        assertThat(found.string("kind")).isEqualTo("routine");
        assertThat(found.json().at("/steps/0/document")).isEqualTo(step.json().get("document"));
        assertThat(found.json().at("/steps/0/climb")).isEqualTo(step.json().get("climb"));
        String notes = teacher.post("/api/exports/musicxml", "{\"routine\":" + routine + "}")
                .text();
        assertThat(found(notes, "").string("/steps/0/document/key/tonic"))
                .isEqualTo(step.string("/document/key/tonic"));
    }

    @Test
    void what_is_no_such_file_or_too_large_is_refused() {
        for (String file : new String[] {"hello", "{\"format\":\"pebble-routine/9\"}", "<html/>", "MThd"}) {
            Answer refused = found(file, "");
            assertThat(refused.status()).as(file).isEqualTo(422);
            assertThat(refused.string("detail")).isNotBlank();
        }
        assertThat(found("x".repeat(6 * 1024 * 1024), "").status()).isEqualTo(413);
        assertThat(found("<a>" + "x".repeat(3 * 1024 * 1024), "").status()).isEqualTo(422);
    }

    @Test
    void a_second_key_that_fits_as_well_is_said() {
        // Without its F sharp the tune belongs to C major as well as to G major.
        Answer found = found(TUNE.replace("<step>F</step><alter>1</alter>", "<step>E</step>"), "");
        assertThat(found.string("/keys/0/words")).isEqualTo("G major, all 5 notes");
        assertThat(found.string("close")).startsWith("It may as well be in ").contains("C major, all 5 notes");
    }

    @Test
    void a_routine_says_how_it_differs_from_the_one_that_is_here() {
        long routine = Given.step(teacher).json().get("routineId").asLong();
        String title = teacher.get("/api/routines/" + routine).string("title");
        String file = new String(
                teacher.download("/api/exports/routine", "{\"routine\":" + routine + "}"),
                java.nio.charset.StandardCharsets.UTF_8);
        assertThat(found(file, "").json().get("differs").toString())
                .isEqualTo("[\"The routine of that title that is here is the same.\"]");
        String other = file.replace("\"bpm\" : 72", "\"bpm\" : 66").replace("\"to\" : 100", "\"to\" : 92");
        assertThat(found(other, "").json().get("differs").toString())
                .isEqualTo("[\"Step 1 differs in the tempo and the climb.\"]");
        assertThat(found(file.replace("\"title\" : \"" + title + "\"", "\"title\" : \"Another\""), "")
                        .json()
                        .get("differs"))
                .isEmpty();
    }

    @Test
    void a_step_and_a_climb_go_out_and_come_in_alone() {
        String subject = "{\"step\":" + Given.STEP + ",\"climb\":" + Given.CLIMB + "}";
        String step =
                new String(teacher.download("/api/exports/step", subject), java.nio.charset.StandardCharsets.UTF_8);
        assertThat(found(step, "").string("/steps/0/document/title")).isEqualTo("Up and over");
        String climb =
                new String(teacher.download("/api/exports/climb", subject), java.nio.charset.StandardCharsets.UTF_8);
        Answer found = found(climb, "");
        assertThat(found.status()).as(found.text()).isEqualTo(200);
        assertThat(found.json().at("/steps/0/climb/axes/0/to").asInt()).isEqualTo(100);
        assertThat(found(climb.replace("100", "1e999999999"), "").status()).isIn(400, 422);
    }

    private static final String FINGERED = TUNE.replace("Oboe", "Trumpet in the tower")
            .replace(
                    "<octave>4</octave></pitch><duration>3</duration>",
                    "<octave>4</octave></pitch><duration>3</duration>"
                            + "<notations><technical><fingering>1</fingering></technical></notations>")
            .replace(
                    "<octave>4</octave></pitch><duration>1</duration>",
                    "<octave>4</octave></pitch><duration>1</duration>"
                            + "<notations><technical><fingering>12</fingering></technical></notations>");

    @Test
    void fingerings_at_the_notes_are_fixed_for_the_instrument_of_the_part() {
        Answer found = found(FINGERED, "");
        assertThat(found.string("/hand/instrument")).isEqualTo("trumpet");
        assertThat(found.string("/hand/words"))
                .isEqualTo("One fingering of 2 is fixed in the step; the others are none of this instrument.");
        assertThat(found.string("/steps/0/document/hand/pins/0/pitch")).isEqualTo("A4");
        assertThat(found.json().at("/steps/0/document/hand/pins")).hasSize(1);
        String step = found.json().at("/steps/0/document").toString();
        Answer played =
                teacher.post("/api/passages?with=hand", "{\"step\":" + step + ",\"instrument\":\"trumpet-in-c\"}");
        assertThat(played.json().at("/hand/notes/2/pinned").asBoolean()).isTrue();
        assertThat(played.string("/hand/notes/2/text")).isEqualTo("1-2");
    }

    @Test
    void another_instrument_is_chosen_and_one_without_a_hand_refused() {
        Answer unknown = found(FINGERED.replace("Trumpet in the tower", "Tower"), "");
        assertThat(unknown.string("/hand/words"))
                .isEqualTo("Two fingerings stand at the notes. Choose the instrument, to keep them.");
        assertThat(unknown.json().at("/steps/0/document/hand").isMissingNode()).isTrue();
        assertThat(found(FINGERED, "&instrument=euphonium").string("/hand/instrument"))
                .isEqualTo("euphonium");
        Answer voice = found(FINGERED, "&instrument=alto-voice");
        assertThat(voice.status()).isEqualTo(422);
        assertThat(voice.string("detail")).contains("is not known here");
        assertThat(found(TUNE, "").json().has("hand")).isFalse();
    }
}
