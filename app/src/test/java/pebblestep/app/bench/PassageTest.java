package pebblestep.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import pebblestep.core.rhythm.Meter;
import tools.jackson.databind.JsonNode;

/** What can be asked of a passage over HTTP, beyond the published example. */
@ExtendWith(RunningApp.class)
class PassageTest {
    private Client teacher;

    @BeforeEach
    void a_studio(Client client) {
        teacher = client.signUp();
    }

    private static String step(String line, String rhythm, String more) {
        return """
                {"format":"pebble-step/1","key":{"tonic":"G","form":"major"},"line":{%s},"rhythm":{%s},"tempo":{"bpm":75}%s}"""
                .formatted(line, rhythm, more);
    }

    private Answer ask(String step, String with) {
        return teacher.post("/api/passages" + with, "{\"step\":" + step + "}");
    }

    private static String pitches(JsonNode passage) {
        return passage.get("notes")
                .valueStream()
                .map(note -> note.get("pitch").asString())
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "\"octaves\":1,\"pattern\":\"arpeggio\" | G4 B4 D5 G5 D5 B4 G4",
                "\"octaves\":1,\"pattern\":\"arpeggio\",\"from\":3,\"travel\":\"up\" | B4 D5 G5 B5",
                "\"span\":4,\"pattern\":\"sequence\",\"cell\":[0,2],\"travel\":\"up\" | G4 B4 A4 C5",
                "\"octaves\":1,\"pattern\":\"reach\",\"targets\":[3,5],\"travel\":\"up\" | G4 G4 B4 G4 D5",
                "\"octaves\":1,\"pattern\":\"pivot\" | D5 C#5 D5 C5 D5 B4 D5 Bb4 D5 A4 D5 Ab4 D5 G4",
                "\"span\":2,\"pattern\":\"chords\",\"travel\":\"up\" | G4 B4 D5 A4 C5 E5",
                "\"octaves\":1,\"pattern\":\"free\",\"degrees\":\"1 b3 5 1'\" | G4 Bb4 D5 G5",
                "\"span\":5,\"enter\":3,\"travel\":\"up\" | B4 C5 D5",
                "\"span\":3,\"travel\":\"up\",\"passing\":{\"change\":\"add\",\"note\":1} | G4 G#4 A4 B4"
            })
    void every_pattern_is_worked_out(String line, String pitches) {
        Answer answer = ask(step(line, "\"figure\":[\"1/8\"]", ""), "?with=score,clicks,pulse,near");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        assertThat(pitches(answer.json())).isEqualTo(pitches);
        assertThat(answer.json().at("/notated/score/measures")).isNotEmpty();
        assertThat(answer.json().get("near")).isNotNull();
    }

    @Test
    void a_rhythm_with_legs_strikes_and_held_notes_is_worked_out_exactly() {
        String rhythm =
                "\"meter\":\"4/4\",\"figure\":[\"1/4\"],\"place\":\"1/16\",\"legs\":[{\"turn\":true,\"place\":\"1/12\"}]";
        JsonNode legs = ask(step("\"span\":3", rhythm, ""), "").json();
        assertThat(legs.at("/notes/3/at").asString()).isEqualTo("5/6");
        assertThat(legs.at("/notes/3/count").asString()).isEqualTo("4 trip");
        JsonNode struck = ask(
                        step(
                                "\"span\":2,\"travel\":\"up\"",
                                "\"figure\":[\"1/8\"],\"strikes\":3,\"lastValue\":\"fill\"",
                                ""),
                        "")
                .json();
        assertThat(struck.get("noteCount").asInt()).isEqualTo(6);
        assertThat(struck.at("/landing/at").asString())
                .as("the last note arrives with its first strike")
                .isEqualTo("3/8");
        JsonNode tonics = ask(
                        step("\"octaves\":1,\"travel\":\"up\"", "\"figure\":[\"1/8\"],\"tonicValue\":\"1/2\"", ""), "")
                .json();
        assertThat(tonics.at("/notes/0/value").asString()).isEqualTo("1/2");
        assertThat(tonics.at("/notes/1/at").asString()).isEqualTo("1/2");
    }

    @Test
    void swing_changes_milliseconds_and_nothing_else() {
        String plain = step("\"span\":3,\"travel\":\"up\"", "\"figure\":[\"1/8\"]", "");
        String swung = step("\"span\":3,\"travel\":\"up\"", "\"figure\":[\"1/8\"],\"swing\":\"2:1\"", "");
        JsonNode even = ask(plain, "").json();
        JsonNode uneven = ask(swung, "").json();
        assertThat(uneven.at("/notes/1/at")).isEqualTo(even.at("/notes/1/at"));
        assertThat(even.at("/notes/1/ms").asDouble()).isEqualTo(400.0);
        assertThat(uneven.at("/notes/1/ms").asDouble()).isEqualTo(533.333);
        assertThat(uneven.at("/notes/2/ms").asDouble()).isEqualTo(800.0);
    }

    @Test
    void places_close_to_the_start_come_with_their_distance() {
        JsonNode near = ask(step("\"span\":5", "\"figure\":[\"1/4\"],\"place\":\"1/16\"", ""), "?with=near")
                .json()
                .get("near");
        assertThat(near.at("/0/count").asString()).isEqualTo("1 trip");
        assertThat(near.at("/0/ms").asDouble()).isEqualTo(66.667);
        Answer there = teacher.post("/api/passages", "{\"step\":" + near.at("/0/step") + "}");
        assertThat(there.json().at("/notes/0/at").asString()).isEqualTo("1/12");
    }

    @Test
    void another_note_can_be_the_one_that_arrives() {
        String target = ",\"landing\":{\"at\":\"1/8\",\"note\":\"top\"}";
        JsonNode landing = ask(step("\"octaves\":1", "\"figure\":[\"1/8\"]", target), "")
                .json()
                .get("landing");
        assertThat(landing.get("note").asInt()).isEqualTo(7);
        assertThat(landing.get("sentence").asString())
                .isEqualTo("The top note comes on the & of 4 of bar 1, one quarter short of the & of 1.");
        assertThat(landing.get("distance").asString()).isEqualTo("one quarter");
        landing.get("fixes").forEach(fix -> assertThat(ask(fix.get("step").toString(), "")
                        .json()
                        .at("/landing/lands")
                        .asBoolean())
                .as(fix.get("sentence").asString())
                .isTrue());
    }

    @Test
    void the_example_still_answers_for_a_meter_of_every_kind() {
        for (Meter meter : Meter.all()) {
            String text = Given.STEP.replace("\"4/4\"", "\"" + meter + "\"");
            Answer answer = ask(text, "?with=score,pulse");
            assertThat(answer.status()).as("%s", meter).isEqualTo(200);
            // 29 sixteenths from the downbeat: the last one begins after 28, in whichever bar that is.
            JsonNode last = answer.json().at("/notes/28");
            assertThat(last.get("at").asString()).isEqualTo("7/4");
            String[] bar = meter.toString().split("[/(]");
            assertThat(last.get("bar").asInt())
                    .as("%s", meter)
                    .isEqualTo(1 + 7 * Integer.parseInt(bar[1]) / (4 * Integer.parseInt(bar[0])));
            assertThat(answer.json().at("/notated/score/measures"))
                    .hasSize(last.get("bar").asInt());
        }
    }

    @Test
    void the_ways_of_a_note_stand_side_by_side_and_one_can_be_fixed() {
        String step = step("\"octaves\":1,\"travel\":\"up\"", "\"figure\":[\"1/8\"]", "");
        JsonNode ways = teacher.post(
                        "/api/passages/ways", "{\"step\":" + step + ",\"instrument\":\"trumpet\",\"note\":4}")
                .json();
        // Written A3 to A4; the fifth is E4.
        assertThat(ways.get("written").asString()).isEqualTo("E4");
        assertThat(ways.at("/ways/0/look/words").asString()).isEqualTo("valves 1 and 2");
        assertThat(ways.at("/ways/0/chosen").asBoolean()).isTrue();
        assertThat(ways.at("/ways/1/more").asDouble()).isPositive();
        String pinned = step.substring(0, step.length() - 1) + ",\"hand\":"
                + ways.at("/ways/1/hand").toString() + "}";
        JsonNode passage = teacher.post(
                        "/api/passages?with=hand", "{\"step\":" + pinned + ",\"instrument\":\"trumpet\"}")
                .json();
        assertThat(passage.at("/hand/notes/4/pinned").asBoolean()).isTrue();
        assertThat(passage.at("/hand/notes/4/way")).isEqualTo(ways.at("/ways/1/way"));
        // On another instrument it rests, and says why.
        JsonNode other = teacher.post("/api/passages?with=hand", "{\"step\":" + pinned + ",\"instrument\":\"violin\"}")
                .json();
        assertThat(other.at("/hand/resting/0").asString()).contains("The fingering fixed for E4");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "\"instrument\":\"soprano-voice\",\"note\":0 | /step/note",
                "\"instrument\":\"trumpet\",\"note\":99 | /step/note",
                "\"instrument\":\"trumpet\" | /note"
            })
    void ways_are_refused_where_there_are_none(String more, String pointer) {
        String step = step("\"octaves\":1,\"travel\":\"up\"", "\"figure\":[\"1/8\"]", "");
        Answer refused = teacher.post("/api/passages/ways", "{\"step\":" + step + "," + more + "}");
        assertThat(refused.status()).as(refused.text()).isIn(400, 422);
        assertThat(refused.string("pointer")).isEqualTo(pointer);
    }

    @Test
    void pins_that_cannot_be_are_refused_by_their_field() {
        String hand = ",\"hand\":{\"pins\":[{\"note\":1,\"way\":\"a\"},{\"way\":\"b\"}]}";
        Answer refused = ask(step("\"octaves\":1", "\"figure\":[\"1/8\"]", hand), "");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.string("pointer")).isEqualTo("/step/hand/pins/1/note");
    }
}
