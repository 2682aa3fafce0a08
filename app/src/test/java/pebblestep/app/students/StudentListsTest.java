package pebblestep.app.students;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A list of students is looked at first, and then read. */
@ExtendWith(RunningApp.class)
class StudentListsTest {
    private static final String LIST =
            """
            name,instrument,level,minutes,lesson day,lesson time,class
            Pia Marsh,Oboe,first octave,15,Tue,9:30
            ada reed,oboe,,,,
            Ned Quill,theremin,,,,
            Ida Rush,bassoon,,4,,
            pia marsh,oboe,,,,
            Nan Tern,oboe,,,,,%s
            Tam Weir,clarinet in bb,,2,,
            """
                    .formatted("x".repeat(61));

    @Test
    void those_that_can_be_are_added_and_the_others_are_told(Client client) {
        Client teacher = client.signUp();
        Given.student(teacher, "Ada Reed", "oboe");
        String body = "{\"text\":" + JsonMapper.builder().build().writeValueAsString(LIST) + "}";
        JsonNode preview = teacher.post("/api/students/read/preview", body).json();
        assertThat(preview.get("taken").asInt()).isZero();
        assertThat(preview.at("/lines/0/instrument").asString()).isEqualTo("Oboe");
        assertThat(preview.at("/lines/1/refusal").asString()).isEqualTo("There is a student of that name already.");
        assertThat(preview.at("/lines/2/refusal").asString()).contains("no instrument \"theremin\"");
        assertThat(preview.at("/lines/3/refusal").asString()).isEqualTo("A day has at least 5 minutes.");
        assertThat(preview.at("/lines/4/refusal").asString()).isEqualTo("There is a student of that name already.");
        assertThat(preview.at("/lines/5/refusal").asString())
                .as("the same rules as the form has")
                .isEqualTo("The name of a class has at most 60 characters.");
        assertThat(preview.at("/lines/6/refusal").asString())
                .as("an instrument is also found by its name as it is typed")
                .isEqualTo("A day has at least 5 minutes.");
        assertThat(teacher.get("/api/students").json().get("total").asInt()).isEqualTo(1);
        assertThat(teacher.post("/api/students/read", body).json().get("taken").asInt())
                .isEqualTo(1);
        JsonNode pia = teacher.get("/api/students").json().at("/items/1");
        assertThat(pia.at("/lesson/time").asString()).isEqualTo("09:30:00");
        assertThat(pia.get("minutesADay").asInt()).isEqualTo(15);
        assertThat(pia.get("level").asString()).isEqualTo("first-octave");
        assertThat(teacher.post("/api/students/read", "{\"text\":\"Pia\"}").status())
                .isEqualTo(422);
    }
}
