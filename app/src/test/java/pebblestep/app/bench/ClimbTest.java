package pebblestep.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import tools.jackson.databind.JsonNode;

/** Climbs, minutes and recipes over HTTP. */
@ExtendWith(RunningApp.class)
class ClimbTest {
    private static final String TEMPO =
            "{\"axis\":\"tempo\",\"from\":60,\"to\":100,\"scheme\":{\"type\":\"fixed\",\"by\":8}}";
    private static final String VALUES =
            "{\"axis\":\"value\",\"rungs\":[{\"figure\":[\"1/8\"]},{\"figure\":[\"1/16\"]}]}";

    private Client teacher;

    @BeforeEach
    void a_studio(Client client) {
        teacher = client.signUp();
    }

    private Answer climb(String climb, String more) {
        return teacher.post("/api/climbs", "{\"step\":" + Given.STEP + ",\"climb\":" + climb + more + "}");
    }

    private static String axes(String policy, String... axes) {
        return "{\"policy\":\"" + policy + "\",\"axes\":[" + String.join(",", axes) + "]}";
    }

    @Test
    void a_climb_is_answered_with_every_rung_its_time_and_what_comes_next() {
        JsonNode answer =
                climb(axes("teacher-picks", TEMPO, VALUES), ",\"at\":[5,0]").json();
        assertThat(answer.at("/axes/0/rungs/0/bpm").toString()).isEqualTo("60");
        // Two octaves in eighths at 60: 16 beats five times and 4 counted are 84 s, and 16.8 of rest.
        assertThat(answer.at("/axes/0/rungs/0/seconds").asInt()).isEqualTo(101);
        assertThat(answer.at("/axes/0/rungs/0/time").asString()).isEqualTo("1 min 41 s");
        assertThat(answer.at("/axes/1/rungs/1/words").asString()).isEqualTo("sixteenths");
        assertThat(answer.at("/moves/0/sentence").asString())
                .isEqualTo("Shorter values: 20 percent faster, 3.3 to 4.0 notes a second; 29 notes as before.");
        assertThat(answer.at("/walk/0/words").asString()).isEqualTo("eighths, 100 bpm");
        assertThat(answer.at("/cleanShare").asInt()).isEqualTo(80);
        assertThat(answer.at("/ownShare").asBoolean()).isFalse();
        assertThat(answer.at("/prospect/sentence").asString()).startsWith("7 rungs, at least ");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "at | ,\"at\":[9,0] | /at | This climb has no rung 9.0.",
                "at | ,\"at\":[1] | /at | This climb has no rung 1.",
                "minutes | ,\"practice\":{\"minutesADay\":0} | /practice/minutesADay | A step takes 1 to 180 minutes a day, not 0."
            })
    void nonsense_is_refused_by_its_field(String name, String more, String pointer, String detail) {
        Answer answer = climb(axes("in-turn", TEMPO, VALUES), more);
        assertThat(answer.status()).as(name).isIn(400, 422);
        assertThat(answer.string("pointer")).isEqualTo(pointer);
        assertThat(answer.string("detail")).isEqualTo(detail);
    }

    @Test
    void a_rung_that_does_not_fit_the_student_is_refused_in_words() {
        Answer beginner =
                teacher.post("/api/students", "{\"name\":\"Beg\",\"instrument\":\"oboe\",\"level\":\"first-octave\"}");
        String wide = axes("in-turn", TEMPO, "{\"axis\":\"span\",\"rungs\":[{\"octaves\":1},{\"octaves\":2}]}");
        String octave = Given.STEP.replace("\"octaves\":2", "\"octaves\":1").replace("Db", "F");
        Answer answer = teacher.post(
                "/api/climbs", "{\"step\":" + octave + ",\"climb\":" + wide + ",\"student\":" + beginner.id() + "}");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.string("pointer")).isEqualTo("/climb/axes");
        assertThat(answer.string("detail")).startsWith("The rung \"two octaves, 76 bpm\" cannot be played: ");
    }

    @Test
    void a_recipe_becomes_a_routine_from_any_tonic_and_shows_its_shape() {
        JsonNode recipes = teacher.get("/api/recipes").json();
        assertThat(recipes.size()).isEqualTo(21);
        JsonNode minor = recipes.valueStream()
                .filter(one -> one.get("id").asString().equals("minor-day"))
                .findFirst()
                .orElseThrow();
        assertThat(minor.get("tonic").asString()).isEqualTo("A");
        assertThat(minor.get("shape").size()).isEqualTo(6);
        Answer opened = teacher.post("/api/recipes/minor-day", "{\"tonic\":\"D\"}");
        assertThat(opened.status()).isEqualTo(201);
        assertThat(opened.json().at("/steps/5/document/key/tonic").asString()).isEqualTo("D");
        JsonNode line = teacher.get("/api/routines").json().at("/items/0");
        assertThat(line.get("title").asString()).isEqualTo("A day in the minor");
        assertThat(line.get("minutes").asInt()).isEqualTo(minor.get("minutes").asInt());
        assertThat(line.at("/shape/0/rungs").asInt())
                .isEqualTo(minor.at("/shape/0/rungs").asInt());
        assertThat(line.at("/shape/0/profile")).isEqualTo(minor.at("/shape/0/profile"));
        Answer bow = teacher.post("/api/recipes/bow-week", "{\"tonic\":\"G\"}");
        assertThat(bow.json().at("/steps/4/document/key/tonic").asString())
                .as("the relative minor of G")
                .isEqualTo("E");
        assertThat(teacher.post("/api/recipes/soup", "{}").status()).isEqualTo(404);
        assertThat(teacher.post("/api/recipes/bow-week", "{\"tonic\":\"H\"}").string("pointer"))
                .isEqualTo("/tonic");
    }

    @Test
    void another_climb_is_weighed_from_the_nearest_rung_that_is_not_harder() {
        String instead = axes("in-turn", TEMPO.replace("\"by\":8", "\"by\":5"));
        JsonNode answer = climb(axes("in-turn", TEMPO), ",\"at\":[2],\"instead\":" + instead)
                .json();
        assertThat(answer.at("/walk/0/bpm").toString()).as("of 76").isEqualTo("75");
        assertThat(answer.get("walk").size()).isEqualTo(6);
        Answer wrong = climb(axes("in-turn", TEMPO), ",\"instead\":{\"axes\":[]}");
        assertThat(wrong.string("pointer")).isEqualTo("/instead/axes");
    }
}
