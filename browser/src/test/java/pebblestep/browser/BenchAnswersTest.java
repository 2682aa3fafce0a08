package pebblestep.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.passage.Material;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Forms;
import tools.jackson.databind.JsonNode;

/** What the Bench asks the page, as JSON in and JSON out. */
class BenchAnswersTest {
    private static final String AMERICAN = "\"speech\":{\"counting\":\"numbers\",\"valueNames\":\"american\"}";
    private static final String BRITISH = "\"speech\":{\"counting\":\"time-names\",\"valueNames\":\"british\"}";

    private static final String STEP =
            """
            {"format":"pebble-step/1","title":"Up and over","key":{"tonic":"Db","form":"major","named":"concert"},
             "line":{"pattern":"straight","octaves":2,"travel":"up-down","turn":"single","from":1},
             "rhythm":{"meter":"4/4","figure":["1/16"],"strikes":1,"place":"0"},"landing":{"beat":1},
             "tempo":{"beat":"1/4","bpm":72},"articulation":{"kind":"separate"},
             "metronome":{"countInBars":1,"accent":true,"click":"beats"}}""";

    private static final String CLIMB =
            """
            {"axes":[{"axis":"tempo","from":60,"to":100,"scheme":{"type":"fixed","by":8}}]}""";

    private static JsonNode ask(String what, String asked) {
        String said = Page.ask(what, asked);
        assertThat(said).doesNotStartWith("!");
        return Questions.SERVER.readTree(said);
    }

    private static JsonNode refused(String what, String asked) {
        String said = Page.ask(what, asked);
        assertThat(said).startsWith("!");
        return Questions.SERVER.readTree(said.substring(1));
    }

    private static JsonNode edit(String step, String edit) {
        return ask("edit", "{\"step\":" + step + ",\"edit\":" + edit + "}").get("step");
    }

    @Test
    void a_routine_is_held_against_the_minutes_of_a_day() {
        String step = "{\"document\":" + STEP + ",\"climb\":" + CLIMB + "}";
        String body = "{\"minutes\":%d,\"steps\":[" + step + "," + step + "]," + AMERICAN + "}";
        // Two bars of 4 s five times and one counted: 44 s and 8.8 of rest, twice.
        JsonNode fits = ask("fit", body.formatted(2));
        assertThat(fits.get("sentence").asString()).isEqualTo("1 min 46 s of 2 min: it fits.");
        assertThat(fits.get("week").asString()).isEqualTo("9 min a week, on 5 days");
        JsonNode trimmed = ask("fit", body.formatted(1));
        assertThat(trimmed.get("fits").asBoolean()).isFalse();
        assertThat(trimmed.get("takesSeconds").asInt()).isLessThanOrEqualTo(60);
        assertThat(trimmed.at("/trims/0/sentence").asString())
                .isEqualTo("Play \"Up and over\" 3 times instead of 5: frees 20 s.");
        assertThat(trimmed.at("/steps/1/repetitions").asInt()).isEqualTo(2);
        assertThat(refused("fit", body.formatted(0)).get("pointer").asString()).isEqualTo("/minutes");
    }

    @Test
    void a_tour_of_displacements_is_ready_to_be_asked_again() {
        JsonNode tour = ask("tour", "{\"step\":" + STEP + "," + AMERICAN + "}").get("steps");
        assertThat(tour.size()).isGreaterThan(8);
        assertThat(tour.at("/0/title").asString()).isEqualTo("Quarters from the & of 1");
        Set<String> begun = new HashSet<>();
        for (JsonNode step : tour) {
            JsonNode passage = ask("passage", "{\"step\":" + step + ",\"with\":[]," + AMERICAN + "}");
            assertThat(passage.at("/notes/0/at")).isEqualTo(step.at("/rhythm/place"));
            begun.add(step.get("rhythm").toString());
        }
        assertThat(begun).as("each a displacement of its own").hasSize(tour.size());
    }

    @Test
    void a_mixed_class_reads_one_step_each_in_their_own_notes() {
        String player =
                "{\"id\":%d,\"player\":{\"instrument\":{\"id\":\"%s\",\"name\":\"\",\"family\":\"\",\"sounds\":\"C4\",\"clefs\":[],"
                        + "\"firstOctave\":\"\",\"comfortable\":\"\",\"full\":\"\"},\"range\":\"%s\",\"ownRange\":true,"
                        + "\"six\":\"by-interval\",\"referencePitch\":440}}";
        JsonNode readings = ask(
                        "readings",
                        "{\"step\":" + STEP + ",\"students\":["
                                + String.join(
                                        ",",
                                        player.formatted(1, "oboe", "Bb3-A6"),
                                        player.formatted(2, "english-horn", "Bb3-A6"),
                                        player.formatted(3, "oboe", "D4-G5"))
                                + "]}")
                .get("readings");
        assertThat(readings.at("/0/writtenKey").asString()).isEqualTo("D♭ major");
        assertThat(readings.at("/1/writtenKey").asString()).isEqualTo("A♭ major");
        assertThat(readings.at("/1/lowest").asString()).isEqualTo("Ab4");
        assertThat(readings.at("/2/refusal").asString()).contains("the player's range is D4 to G5");
    }

    @Test
    void the_catalogue_offers_what_the_rules_carry() {
        JsonNode catalogue = ask("catalogue", "{}");
        assertThat(catalogue.get("forms").valueStream().map(form -> form.get("id")
                        .asString()))
                .containsExactlyElementsOf(Forms.all().stream().map(Form::id).toList());
        assertThat(catalogue.get("patterns").valueStream().map(pattern -> pattern.get("id")
                        .asString()))
                .containsExactlyElementsOf(
                        Material.patterns().stream().map(Material.Entry::id).toList());
        assertThat(catalogue.at("/forms/3/degrees").asString()).isEqualTo("1 2 ♭3 4 5 6 7 / 1 2 ♭3 4 5 ♭6 ♭7");
        assertThat(catalogue.at("/values/0/plural").asString()).isEqualTo("whole notes");
        assertThat(catalogue.at("/values/5/british").asString()).isEqualTo("semiquavers");
        assertThat(catalogue.get("meters").valueStream().map(JsonNode::asString))
                .containsExactlyElementsOf(
                        Meter.all().stream().map(Meter::toString).toList());
        assertThat(catalogue.at("/bounds/bpm").toString()).isEqualTo("{\"least\":20,\"most\":400}");
        assertThat(catalogue.get("tonics").valueStream().map(JsonNode::asString))
                .startsWith("C", "F", "Bb")
                .doesNotHaveDuplicates();
        JsonNode first = catalogue.at("/first");
        ask("passage", "{\"step\":" + first.get("step") + ",\"with\":[\"score\"]," + AMERICAN + "}");
        for (JsonNode figure : catalogue.get("figures")) {
            String step = STEP.replace("[\"1/16\"]", figure.get("figure").toString());
            assertThat(ask("passage", "{\"step\":" + step + ",\"with\":[\"score\"]," + AMERICAN + "}")
                            .at("/notated/score/measures")
                            .size())
                    .as(figure.toString())
                    .isPositive();
        }
    }

    @Test
    void what_is_said_is_british_and_in_time_names_where_the_studio_is() {
        String off = STEP.replace("Up and over", "").replace("\"place\":\"0\"", "\"place\":\"1/16\"");
        String quarters = STEP.replace("Up and over", "").replace("\"1/16\"", "\"1/4\"");
        List<String> said = List.of(
                Page.ask(
                        "passage",
                        "{\"step\":" + off + ",\"with\":[\"score\",\"clicks\",\"pulse\",\"near\"]," + BRITISH + "}"),
                Page.ask("said", "{\"step\":" + off + "," + BRITISH + "}"),
                Page.ask("tour", "{\"step\":" + quarters + "," + BRITISH + "}"),
                Page.ask(
                        "fit",
                        "{\"minutes\":1,\"steps\":[{\"document\":" + quarters + ",\"climb\":" + CLIMB + "}]," + BRITISH
                                + "}"),
                Page.ask(
                        "choices",
                        "{\"key\":{\"tonic\":\"C\",\"form\":\"major\",\"named\":\"concert\"},\"line\":{\"pattern\":\"straight\","
                                + "\"octaves\":1,\"travel\":\"up-down\"},\"meter\":\"6/8\",\"bars\":4," + BRITISH
                                + "}"));
        Pattern american = Pattern.compile(
                "\\b(whole note|half note|quarter|eighth|sixteenth|thirty-second)s?\\b", Pattern.CASE_INSENSITIVE);
        Pattern inNumbers = Pattern.compile("\\bthe (e|&|a|trip|let|la|li)( of \\d|\")");
        assertThat(said).allSatisfy(answer -> {
            assertThat(answer).doesNotStartWith("!").doesNotContainPattern(inNumbers);
            assertThat(answer.replace("of a whole note", "")).doesNotContainPattern(american);
        });
    }

    @Test
    void a_step_is_said_in_few_words() {
        String step = STEP.replace("\"place\":\"0\"", "\"place\":\"1/4\"");
        JsonNode said = ask("said", "{\"step\":" + step + "," + AMERICAN + "}");
        assertThat(said.get("key").asString()).isEqualTo("D♭ major");
        assertThat(said.get("summary").asString()).isEqualTo("two octaves up and down, sixteenths from 2");
        assertThat(said.get("material").asString()).isEqualTo("D♭ major, up and down");
        assertThat(said.get("rhythm").asString()).isEqualTo("sixteenths");
        assertThat(said.get("click").asString()).isEqualTo("every beat, count-in 1 bar");
        assertThat(said.get("articulation").asString()).isEqualTo("separate");
    }

    @Test
    void a_leg_stands_on_the_places_of_the_meter_in_the_studios_own_words() {
        String asked =
                "{\"key\":{\"tonic\":\"C\",\"form\":\"major\",\"named\":\"concert\"},\"line\":{\"pattern\":\"straight\",\"octaves\":1,"
                        + "\"travel\":\"up-down\"},\"meter\":\"%s\",\"bars\":3,%s}";
        JsonNode simple = ask("choices", asked.formatted("4/4", AMERICAN));
        assertThat(words(simple.get("legPlaces")))
                .containsExactly(
                        "follows on",
                        "on the next beat",
                        "on the e",
                        "on the trip",
                        "on the &",
                        "on the let",
                        "on the a");
        JsonNode compound = ask("choices", asked.formatted("6/8", BRITISH));
        assertThat(words(compound.get("legPlaces")))
                .as("eighths are thirds of a beat here, and have the names of thirds")
                .contains("on the te", "on the ti")
                .doesNotContain("on the fa");
        assertThat(words(simple.get("legStarts")))
                .startsWith("the way back", "from bar 2", "from bar 3", "from note 2");
        assertThat(simple.get("places").size()).isEqualTo(47);
        assertThat(simple.get("targets").size()).isEqualTo(24);
    }

    private static List<String> words(JsonNode choices) {
        return choices.valueStream().map(one -> one.get("words").asString()).toList();
    }

    @Test
    void another_meter_lets_go_of_what_belongs_to_the_bar_before() {
        String step = STEP.replace("\"click\":\"beats\"", "\"click\":\"chosen\",\"beats\":[4],\"foot\":[1,4]")
                .replace("\"place\":\"0\"", "\"place\":\"3/4\",\"legs\":[{\"turn\":true,\"place\":\"1/8\"}]")
                .replace("\"beat\":1", "\"beat\":4");
        JsonNode waltz = edit(step, "{\"meter\":\"3/4\"}");
        assertThat(waltz.get("rhythm").toString())
                .contains("\"meter\":\"3/4\"", "\"place\":\"0\"")
                .doesNotContain("legs");
        assertThat(waltz.at("/landing/beat").asInt()).isEqualTo(1);
        assertThat(waltz.get("metronome").toString())
                .contains("\"click\":\"beats\"", "\"foot\":[1]")
                .doesNotContain("\"beats\":[");
        assertThat(edit(step, "{\"meter\":\"6/8\"}").at("/tempo/beat").asString())
                .isEqualTo("3/8");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            textBlock =
                    """
            {"form":"major-pentatonic"}                | /line/from       | 1
            {"pattern":"octaves"}                      | /line/octaves    | 2
            {"pattern":"thirds"}                       | /line/cell       | [0,2]
            {"lands":"1/4"}                            | /landing/beat    | 2
            {"lands":"3/16"}                           | /landing/at      | "3/16"
            {"nudge":{"by":1,"snap":"clicks"}}         | /rhythm/place    | "1/16"
            {"nudge":{"by":-2,"snap":"eighths"}}       | /rhythm/place    | "-1/4"
            {"near":{"x":0.36,"snap":"triplets"}}      | /rhythm/place    | "1/3"
            {"shorter":1}                              | /rhythm/figure   | ["1/20"]
            {"shorter":-9}                             | /rhythm/figure   | ["1/16"]
            {"faster":1}                               | /tempo/bpm       | 73
            {"faster":999}                             | /tempo/bpm       | 400
            {"faster":-999}                            | /tempo/bpm       | 20
            {"bpm":97.46}                              | /tempo/bpm       | 97.5
            {"joined":"slurred"}                       | /articulation/by | 4
            {"clicks":"chosen"}                        | /metronome/beats | [2]
            {"clicks":"chosen","clickOn":4}            | /metronome/beats | [2,4]
            {"tapOn":3}                                | /metronome/foot  | [3]
            {"addLeg":true}                            | /rhythm/legs     | [{"turn":true,"place":"1/8"}]
            """)
    void what_follows_from_a_change_comes_along(String change, String pointer, String value) {
        String three = STEP.replace("\"from\":1", "\"from\":3").replace("\"octaves\":2", "\"octaves\":1");
        JsonNode after = edit(three, change);
        assertThat(after.at(pointer).toString()).isEqualTo(value);
    }

    @Test
    void a_leg_that_would_change_nothing_keeps_one_of_the_two() {
        String leg = STEP.replace("\"place\":\"0\"", "\"place\":\"0\",\"legs\":[{\"turn\":true,\"figure\":[\"1/8\"]}]");
        assertThat(edit(leg, "{\"leg\":{\"at\":0}}").at("/rhythm/legs/0/place").asString())
                .isEqualTo("0");
        String placed = leg.replace("\"figure\":[\"1/8\"]", "\"place\":\"1/8\"");
        assertThat(edit(placed, "{\"leg\":{\"at\":0}}")
                        .at("/rhythm/legs/0/figure")
                        .toString())
                .isEqualTo("[\"1/16\"]");
        assertThat(refused("edit", "{\"step\":" + STEP + ",\"edit\":{\"leg\":{\"at\":3}}}")
                        .get("pointer")
                        .asString())
                .isEqualTo("/edit/leg");
    }

    @Test
    void a_step_that_cannot_be_played_yet_can_still_be_changed() {
        String typing =
                STEP.replace("\"pattern\":\"straight\"", "\"pattern\":\"free\",\"degrees\":\"1 2 x\",\"moved\":true");
        assertThat(edit(typing, "{\"form\":\"dorian\"}").at("/line/degrees").asString())
                .isEqualTo("1 2 x");
        assertThat(edit(typing, "{\"nudge\":{\"by\":1,\"snap\":\"clicks\"}}")
                        .at("/rhythm/place")
                        .asString())
                .isEqualTo("1/16");
    }

    @Test
    void a_climb_grows_by_what_is_offered_and_axes_that_move_together_grow_together() {
        JsonNode growth = ask("growth", "{\"step\":" + STEP + ",\"climb\":" + CLIMB + "}");
        assertThat(growth.get("kinds").toString())
                .as("sixteenths on the beat have no other place to master")
                .isEqualTo("[\"value\",\"span\",\"articulation\",\"line\"]");
        assertThat(growth.get("further").toString()).isEqualTo("[false]");
        String asked = "{\"step\":" + STEP + ",\"climb\":%s,\"edit\":%s}";
        JsonNode wider = ask("climb-edit", asked.formatted(CLIMB, "{\"addAxis\":\"span\"}"))
                .get("climb");
        assertThat(wider.at("/axes/1/rungs").toString()).isEqualTo("[{\"octaves\":2},{\"octaves\":3}]");
        String paired =
                """
                {"policy":"paired","axes":[{"axis":"value","rungs":[{"figure":["1/16"]}]},
                 {"axis":"span","rungs":[{"octaves":2}]}]}""";
        JsonNode both =
                ask("climb-edit", asked.formatted(paired, "{\"addRung\":0}")).get("climb");
        assertThat(both.at("/axes/0/rungs/1").toString()).isEqualTo("{\"figure\":[\"1/24\"]}");
        assertThat(both.at("/axes/1/rungs/1").toString()).isEqualTo("{\"octaves\":3}");
        JsonNode less = ask("climb-edit", asked.formatted(both.toString(), "{\"takeRung\":{\"axis\":1,\"rung\":0}}"))
                .get("climb");
        assertThat(less.at("/axes/0/rungs").toString()).isEqualTo("[{\"figure\":[\"1/24\"]}]");
        assertThat(less.at("/axes/1/rungs").toString()).isEqualTo("[{\"octaves\":3}]");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            textBlock =
                    """
            {"scheme":"percent"}   | {"type":"percent","by":5}
            {"scheme":"dial"}      | {"type":"dial"}
            {"scheme":"back-step"} | {"type":"back-step","by":8,"forward":2}
            {"by":2.5}             | {"type":"fixed","by":2.5}
            """)
    void tempos_follow_on_each_other_another_way(String edit, String scheme) {
        assertThat(ask("climb-edit", "{\"climb\":" + CLIMB + ",\"edit\":" + edit + "}")
                        .at("/climb/axes/0/scheme")
                        .toString())
                .isEqualTo(scheme);
    }

    @Test
    void a_new_tempo_axis_rises_from_the_steps_own_and_stays_a_tempo() {
        String quick = STEP.replace("\"bpm\":72", "\"bpm\":390");
        JsonNode climb = ask(
                        "climb-edit",
                        "{\"step\":" + quick + ",\"climb\":{\"axes\":[]},\"edit\":{\"addAxis\":\"tempo\"}}")
                .get("climb");
        assertThat(climb.at("/axes/0/from").asInt()).isEqualTo(390);
        assertThat(climb.at("/axes/0/to").asInt()).isEqualTo(400);
    }
}
