package pebblestep.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;

/** A value outside the limits is refused at its field, before anything is computed with it. */
@ExtendWith(RunningApp.class)
class ValueLimitsTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"bpm\":72 | \"bpm\":1e900000000 | /step/tempo/bpm | This number does not fit here.",
                "\"bpm\":72 | \"bpm\":1e-10000000 | /step/tempo/bpm | 0.0 does not fit here.",
                "\"octaves\":2 | \"octaves\":1e308 | /step/line/octaves | This number does not fit here.",
                "\"octaves\":2 | \"octaves\":2.5 | /step/line/octaves | 2.5 does not fit here.",
                "[\"1/16\"] | [null] | /step/rhythm/figure/0 | null does not fit here.",
                "Up and over | Up \\u0000 | /step/title | This text holds a character that cannot be kept; type it again.",
                "Up and over | Up \\ud800 | /step/title | This text holds a character that cannot be kept; type it again."
            })
    void a_step(String sound, String absurd, String pointer, String sentence, Client client) {
        Answer answer = client.signUp()
                .post(
                        "/api/climbs",
                        "{\"step\":" + Given.STEP.replace(sound, absurd) + ",\"climb\":" + Given.CLIMB + "}");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.string("pointer")).isEqualTo(pointer);
        assertThat(answer.string("detail")).isEqualTo(sentence);
    }

    @ParameterizedTest
    @CsvSource({"+999999999-12-31", "-0001-01-01", "1899-12-31", "2201-01-01"})
    void a_day_of_another_age(String day, Client client) {
        Answer answer = client.signUp()
                .post(
                        "/api/assignments",
                        "{\"stepId\":1,\"studentId\":1,\"startsOn\":\"" + day + "\",\"minutesADay\":8}");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.string("pointer")).isEqualTo("/startsOn");
        assertThat(answer.string("detail")).isEqualTo("A day lies between 1900 and 2200.");
    }

    @ParameterizedTest
    @CsvSource({
        "8.5,This value has the wrong type.",
        "1e308,This value has the wrong type.",
        "1e900000000,This value has the wrong type."
    })
    void minutes(String minutes, String sentence, Client client) {
        Answer answer = client.signUp()
                .post("/api/students", "{\"name\":\"Wrenna\",\"instrument\":\"oboe\",\"minutesADay\":" + minutes + "}");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.string("pointer")).isEqualTo("/minutesADay");
        assertThat(answer.string("detail")).isEqualTo(sentence);
    }

    @Test
    void nothing_within_a_list_and_a_name_that_cannot_be_kept(Client client) {
        Client teacher = client.signUp();
        assertThat(teacher.post(
                                "/api/assignments",
                                "{\"stepId\":1,\"studentId\":1,\"startsOn\":\"2026-11-29\",\"minutesADay\":8,"
                                        + "\"weekdays\":[1,null]}")
                        .string("pointer"))
                .isEqualTo("/weekdays/1");
        assertThat(teacher.post("/api/students", "{\"name\":\"Wren\\u0000na\",\"instrument\":\"oboe\"}")
                        .string("pointer"))
                .isEqualTo("/name");
    }

    @ParameterizedTest
    @CsvSource({"1e-10000000", "1e900000000"})
    void a_ladder(String by, Client client) {
        Answer answer = client.signUp()
                .post(
                        "/api/climbs",
                        "{\"step\":" + Given.STEP + ",\"climb\":" + Given.CLIMB.replace("\"by\":8", "\"by\":" + by)
                                + "}");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.string("pointer")).startsWith("/climb/axes/0/scheme");
    }
}
