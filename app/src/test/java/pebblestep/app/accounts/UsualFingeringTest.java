package pebblestep.app.accounts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import pebblestep.core.pitch.Pitch;

/** What a studio takes for the usual way of a note holds for everybody who plays the instrument, and can be taken back. */
@ExtendWith(RunningApp.class)
class UsualFingeringTest {
    private static final String PATH = "/api/settings/fingerings";

    private Client teacher;
    private Answer student;

    @BeforeEach
    void a_trumpeter(Client client) {
        teacher = client.signUp();
        student = Given.student(teacher, "Ada", "trumpet");
    }

    private Answer usual(String instrument, String pitch, String way) {
        return teacher.put(
                PATH,
                "{\"instrument\":\"" + instrument + "\",\"pitch\":\"" + pitch + "\""
                        + (way == null ? "" : ",\"way\":\"" + way + "\"") + "}");
    }

    private Answer ways() {
        return teacher.post(
                "/api/passages/ways",
                "{\"step\":" + Given.STEP.replace("\"Db\"", "\"F\"") + ",\"student\":" + student.id() + ",\"note\":1}");
    }

    @Test
    void it_is_taken_by_everybody_who_plays_the_instrument_and_taken_back() {
        Answer before = ways();
        String pitch = before.string("written");
        String taken = before.string("/ways/0/way");
        String other = before.json().at("/ways/1/way").asString();
        assertThat(usual("trumpet", pitch, other).status()).isEqualTo(200);
        Answer after = ways();
        assertThat(after.string("/ways/0/way")).isEqualTo(other);
        assertThat(after.json().at("/ways/0/ours").asBoolean()).isTrue();
        assertThat(usual("trumpet", pitch, null).json().has("fingerings")).isFalse();
        assertThat(ways().string("/ways/0/way")).isEqualTo(taken);
    }

    @Test
    void the_student_s_own_hand_does_not_keep_it() {
        Answer ways = ways();
        usual("trumpet", ways.string("written"), ways.json().at("/ways/1/way").asString());
        assertThat(teacher.get("/api/students/" + student.id()).json().has("hand"))
                .isFalse();
        assertThat(teacher.get("/api/bench").json().at("/players/0/player/hand/usual"))
                .hasSize(1);
    }

    @Test
    void what_the_instrument_does_not_have_is_refused() {
        Answer none = usual("trumpet", "A4", "1-bis");
        assertThat(none.status()).isEqualTo(422);
        assertThat(none.string("detail")).contains("no such fingering");
        assertThat(usual("soprano-voice", "A4", "p4-12").string("detail")).contains("is not known here");
        assertThat(usual("trumpet", "H4", "p4-12").status()).isEqualTo(422);
        assertThat(usual("kazoo", "A4", "p4-12").status()).isEqualTo(422);
    }

    @Test
    void a_form_that_knows_nothing_of_it_keeps_what_it_was_given() {
        Answer ways = ways();
        usual("trumpet", ways.string("written"), ways.json().at("/ways/1/way").asString());
        Answer settings = teacher.get("/api/settings");
        assertThat(settings.json().get("fingerings")).hasSize(1);
        teacher.put("/api/settings", settings.json().toString());
        assertThat(teacher.get("/api/settings").json().get("fingerings")).hasSize(1);
    }

    @Test
    void one_more_than_an_instrument_can_have_is_refused_and_nothing_is_lost() {
        String all = IntStream.range(0, 60)
                .mapToObj(i -> "{\"instrument\":\"marimba\",\"pitch\":\"" + Pitch.commonlyNamed(40 + i)
                        + "\",\"way\":\"" + (i % 2 == 0 ? "R" : "L") + "\"}")
                .collect(Collectors.joining(","));
        Answer sixty = teacher.put("/api/settings", "{\"fingerings\":[" + all + "]}");
        assertThat(sixty.status()).as("%s", sixty.json()).isEqualTo(200);
        Answer more = usual("marimba", "C8", "R");
        assertThat(more.status()).isEqualTo(422);
        assertThat(more.string("detail")).contains("at most 60 fingerings of an instrument");
        assertThat(teacher.get("/api/settings").json().get("fingerings")).hasSize(60);
    }
}
