package pebblestep.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Metronome;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.rhythm.Groove;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

class StepDocumentsTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** The example of the published format. */
    static final String EXAMPLE =
            """
            { "format": "pebble-step/1",
              "title": "Sixteenths that arrive on one",
              "key":    { "tonic": "Db", "form": "major", "named": "concert" },
              "line":   { "pattern": "straight", "octaves": 2, "travel": "up-down", "turn": "single", "from": 1 },
              "rhythm": { "meter": "4/4", "figure": ["1/16"], "strikes": 1, "place": "0" },
              "landing":{ "beat": 1 },
              "tempo":  { "beat": "1/4", "bpm": 72 },
              "articulation": { "kind": "separate" },
              "metronome": { "countInBars": 1, "accent": true, "click": "beats" } }
            """;

    /** The example with one field set to a JSON value; {@code null} takes the field away. */
    private static JsonNode with(String pointer, String value) {
        ObjectNode root = (ObjectNode) JSON.readTree(EXAMPLE);
        String[] names = pointer.substring(1).split("/");
        ObjectNode at = root;
        for (int i = 0; i < names.length - 1; i++) at = (ObjectNode) at.get(names[i]);
        if (value.equals("null")) at.remove(names[names.length - 1]);
        else at.set(names[names.length - 1], JSON.readTree(value));
        return root;
    }

    @Test
    void the_example_is_read_and_written_back_whole() {
        Step step = StepJson.read(EXAMPLE);
        assertThat(step.key()).hasToString("D♭ major");
        assertThat(Passage.of(step).notes()).hasSize(29);
        assertThat(JSON.readTree(StepJson.writeText(step))).isEqualTo(JSON.readTree(EXAMPLE));
    }

    @Test
    void what_is_left_out_takes_its_default() {
        Step step = StepJson.read(
                """
                { "format": "pebble-step/1", "key": { "tonic": "G" }, "line": { "span": 5 },
                  "rhythm": { "figure": ["1/4"] }, "tempo": { "bpm": 97.5 } }""");
        assertThat(StepJson.writeText(step))
                .contains("\"form\":\"major\"", "\"meter\":\"4/4\"", "\"travel\":\"up-down\"", "\"bpm\":97.5")
                .contains("\"countInBars\":1", "\"accent\":true", "\"place\":\"0\"");
        assertThat(StepJson.read(StepJson.writeText(step))).isEqualTo(step);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "/colour | 1 | There is no field \"colour\" here.",
                "/key/mode | \"x\" | There is no field \"mode\" here.",
                "/rhythm/figure | null | The field \"figure\" is missing.",
                "/rhythm/place | \"1/0\" | \"1/0\" does not fit here.",
                "/rhythm/place | 0.25 | 0.25 does not fit here.",
                "/rhythm/place | \"1\" | The place lies less than one bar (1) from the downbeat, not 1.",
                "/rhythm/meter | \"0/4\" | \"0/4\" does not fit here.",
                "/rhythm/meter | \"7/8\" | There is no meter \"7/8\" here.",
                "/rhythm/figure | [\"1/128\"] | A value lies between 1/64 and 4, not 1/128.",
                "/rhythm/figure | [\"r1/2\", \"1/2\"] | A figure begins with a note; a rest belongs to the note before it.",
                "/rhythm/strikes | 10000 | 10000 does not fit here.",
                "/line/octaves | 5 | 5 does not fit here.",
                "/line/octaves | null | A line has either octaves or a span: give exactly one of the two.",
                "/line/pattern | \"spiral\" | \"spiral\" does not fit here.",
                "/line/cell | [0, 2] | This field belongs to the pattern sequence, not to straight.",
                "/line/chord | \"seventh\" | This field belongs to the pattern arpeggio or chords, not to straight.",
                "/line/from | 8 | The major has 7 notes; a line cannot start on degree 8.",
                "/line/turn | \"triple\" | \"triple\" does not fit here.",
                "/landing/beat | 5 | A bar of 4/4 has beats 1 to 4, not 5.",
                "/landing/at | \"1/8\" | A landing has either a beat or a place: give one of the two.",
                "/rhythm/tonicValue | \"0\" | A value lies between 1/64 and 4, not 0.",
                "/rhythm/swing | \"4:1\" | Swing lies between 1:1 and 3:1, such as 2:1 or 3:2.",
                "/rhythm/legs | [{\"figure\": [\"1/8\"]}] | A leg begins at the turn, in a bar or with a note: give exactly one.",
                "/rhythm/legs | [{\"turn\": true}] | A leg has a figure, a place, or both.",
                "/line/enter | 0 | 0 does not fit here.",
                "/tempo/bpm | \"NaN\" | \"NaN\" does not fit here.",
                "/tempo/bpm | 401 | 401 does not fit here.",
                "/tempo/bpm | 72.12345 | A tempo has at most three decimals.",
                "/tempo/beat | \"1/64\" | The beat is a value between 1/32 and 1, not 1/64.",
                "/key/tonic | \"H\" | \"H\" does not fit here.",
                "/key/tonic | \"G##\" | G♯♯ major would need a triple alteration.",
                "/key/form | \"enigmatic\" | There is no form \"enigmatic\" here.",
                "/articulation/kind | \"pizzicato\" | \"pizzicato\" does not fit here.",
                "/articulation/by | 4 | Only slurs take a number of notes.",
                "/articulation/bowShare | \"3/2\" | A note takes a share of the bow of up to 1, such as 1/2.",
                "/metronome/click | \"three\" | \"three\" does not fit here.",
                "/format | \"other/1\" | \"other/1\" does not fit here."
            })
    void a_wrong_field_is_refused_by_its_pointer_and_reason(String pointer, String value, String reason) {
        assertThatThrownBy(() -> StepJson.read(with(pointer, value))).isInstanceOfSatisfying(Refusal.class, refusal -> {
            assertThat(refusal.pointer()).isEqualTo(pointer);
            assertThat(refusal).hasMessage(reason);
        });
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "\"pattern\":\"arpeggio\",\"octaves\":2,\"chord\":\"seventh\"",
                "\"pattern\":\"sequence\",\"octaves\":1,\"cell\":[0,2]",
                "\"pattern\":\"reach\",\"span\":16,\"targets\":[3,5,8]",
                "\"pattern\":\"reach\",\"octaves\":2",
                "\"pattern\":\"pivot\",\"octaves\":1,\"travel\":\"down\"",
                "\"pattern\":\"chords\",\"span\":4",
                "\"pattern\":\"free\",\"octaves\":1,\"degrees\":\"1 2 b3 1' | 5,\",\"moved\":false"
            })
    void every_pattern_is_read_and_written_back(String line) {
        Step step = StepJson.read("{\"format\":\"pebble-step/1\",\"key\":{\"tonic\":\"G\"},\"line\":{" + line
                + "},\"rhythm\":{\"figure\":[\"1/8\"]},\"tempo\":{\"bpm\":60},\"articulation\":{\"kind\":"
                + "\"slurred\",\"by\":4,\"accentEvery\":3,\"bow\":\"up\",\"bowShare\":\"1/2\"}}");
        String written = StepJson.writeText(step);
        assertThat(StepJson.read(written)).isEqualTo(step);
        assertThat(JSON.readTree(written).get("line").toString())
                .contains(line.split(",\"travel")[0].split(",")[0]);
        assertThat(Passage.of(step).notes()).isNotEmpty();
    }

    @Test
    void a_pattern_without_what_it_needs_is_refused_and_a_slip_in_degrees_is_placed() {
        assertThatThrownBy(() -> StepJson.read(with("/line/pattern", "\"sequence\"")))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.pointer()).isEqualTo("/line/cell"));
        JsonNode free = with("/line/pattern", "\"free\"");
        ((ObjectNode) free.get("line")).put("degrees", "1 2 x");
        assertThatThrownBy(() -> StepJson.read(free)).isInstanceOfSatisfying(Refusal.class, refusal -> {
            assertThat(refusal.pointer()).isEqualTo("/line/degrees");
            assertThat(refusal.position()).hasValue(5);
        });
    }

    @Test
    void a_rhythm_with_everything_is_read_and_written_back() {
        String whole =
                """
                {"format":"pebble-step/1","title":"","key":{"tonic":"G","form":"major","named":"concert"},
                 "line":{"pattern":"straight","octaves":1,"travel":"up-down","turn":"single","from":1,"enter":2,
                  "passing":{"change":"add","note":4}},
                 "rhythm":{"meter":"7/8(2+2+3)","figure":["3/16","1/16","r1/8"],"strikes":2,"place":"-1/16",
                  "tonicValue":"1/2","lastValue":"fill","hold":{"note":"turn","by":"1/8"},
                  "legs":[{"turn":true,"place":"1/12"},{"bar":9,"figure":["1/8"]},{"note":14,"figure":["1/16"]}],
                  "swing":"3:2"},
                 "landing":{"at":"1/8","note":"top"},"tempo":{"beat":"1/4","bpm":60},
                 "articulation":{"kind":"separate"},
                 "metronome":{"countInBars":1,"accent":true,"click":"two-and-four"}}""";
        Step step = StepJson.read(whole);
        assertThat(JSON.readTree(StepJson.writeText(step))).isEqualTo(JSON.readTree(whole));
    }

    @Test
    void a_wrong_value_inside_a_list_is_named_by_its_place() {
        assertThatThrownBy(() -> StepJson.read(with("/rhythm/figure", "[\"1/16\", \"x\"]")))
                .isInstanceOfSatisfying(Refusal.class, refusal -> {
                    assertThat(refusal.pointer()).isEqualTo("/rhythm/figure/1");
                    assertThat(refusal.fits().orElseThrow()).startsWith("A value as a fraction");
                });
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "{", "[]", "null", "{\"tempo\":{\"bpm\":NaN}}", "\"step\""})
    void what_is_no_document_is_refused(String text) {
        assertThatThrownBy(() -> StepJson.read(text)).isInstanceOf(Refusal.class);
    }

    @Test
    void long_and_odd_names_are_shortened_and_escaped() {
        String name = "a/b~<b>" + "x".repeat(1000);
        assertThatThrownBy(() ->
                        StepJson.read("{\"" + name + "\": 1, " + EXAMPLE.strip().substring(1)))
                .isInstanceOfSatisfying(Refusal.class, refusal -> {
                    assertThat(refusal.pointer()).startsWith("/a~1b~0<b>x");
                    assertThat(refusal.getMessage()).hasSizeLessThan(120);
                });
    }

    @Test
    void grooves_drones_and_the_foot_are_read_and_written() {
        String metronome =
                """
                "metronome":{"countInBars":1,"accent":true,"click":"beats","groove":"ferry","drone":"tonic-and-fifth","foot":[2,4]}}""";
        String text =
                """
                {"format":"pebble-step/1","key":{"tonic":"C"},"line":{"octaves":1},"rhythm":{"figure":["1/8"]},
                 "tempo":{"bpm":60},"""
                        + metronome;
        assertThat(StepJson.read(text).metronome().groove()).contains(Groove.FERRY);
        assertThat(StepJson.read(text).metronome().foot()).containsExactly(2, 4);
        assertThat(StepJson.writeText(StepJson.read(text))).endsWith(metronome);
        assertThatThrownBy(() -> StepJson.read(text.replace("ferry", "gallop")))
                .hasMessage("\"gallop\" does not fit here.");
    }

    @Test
    void chosen_beats_and_silent_bars_are_read_and_written() {
        String json =
                """
                {"format":"pebble-step/1","key":{"tonic":"C"},"line":{"octaves":1},"rhythm":{"figure":["1/8"]},
                 "tempo":{"bpm":60},
                 "metronome":{"click":"chosen","beats":[2,4],"silent":{"sounding":2,"silent":1}}}""";
        Step step = StepJson.read(json);
        assertThat(step.metronome().beats()).containsExactly(2, 4);
        assertThat(step.metronome().silence()).contains(new Metronome.Silence(2, 1));
        assertThat(StepJson.read(StepJson.writeText(step))).isEqualTo(step);
        assertThatThrownBy(() -> StepJson.read(json.replace("[2,4]", "[2,5]")))
                .isInstanceOfSatisfying(
                        Refusal.class, r -> assertThat(r.field()).isEqualTo("metronome.beats"));
    }
}
