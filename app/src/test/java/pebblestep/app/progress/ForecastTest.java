package pebblestep.app.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.InThePage;
import pebblestep.app.RunningApp;
import tools.jackson.databind.JsonNode;

/** What the teacher decides about a student's climb, and what is forecast of it, over HTTP. */
@ExtendWith(RunningApp.class)
class ForecastTest {
    private static final String PICKS =
            """
            {"policy":"teacher-picks","axes":[
              {"axis":"tempo","from":60,"to":68,"scheme":{"type":"fixed","by":8}},
              {"axis":"value","rungs":[{"figure":["1/8"]},{"figure":["1/16"]}]},
              {"axis":"span","rungs":[{"octaves":1},{"octaves":2}]}]}""";

    private final LocalDate today = LocalDate.now();
    private Client teacher;
    private Answer student;
    private Client practising;

    @BeforeEach
    void a_student(Client client) {
        teacher = client.signUp();
        student = Given.student(teacher, "Wilhelmina Reed", "english-horn");
        practising = client.byLink(student.string("practicePath"));
    }

    private Answer assigned(String climb, String more) {
        Answer step = Given.step(teacher, Given.STEP, climb);
        String form = Given.assignment(step.id(), student.id());
        return teacher.post("/api/assignments", form.substring(0, form.length() - 1) + more + "}");
    }

    private JsonNode item() {
        return practising.get("/api/practice/today").json().at("/items/0");
    }

    private void playClean(int times) {
        for (int i = 0; i < times; i++) {
            Answer answer = practising.post("/api/practice/takes", Given.cleanTake(item()));
            assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        }
    }

    @Test
    void a_student_climbs_until_the_teacher_picks_and_goes_on_where_the_teacher_says() {
        Answer assignment = assigned(PICKS, "");
        assertThat(item().at("/toPlay/here/stage").asString()).isEqualTo("eighths, one octave");
        assertThat(item().at("/toPlay/here/rungsLeft").asInt()).isGreaterThan(4);
        playClean(6);
        JsonNode open = item();
        assertThat(open.at("/standing/kind").asString()).isEqualTo("pick");
        assertThat(open.at("/standing/sentence").asString())
                .isEqualTo("3 clean with eighths, one octave, 68 bpm. Pick what comes next: shorter values, or a wider"
                        + " span?");
        JsonNode picks = teacher.get("/api/desk").json().at("/items/0/works/0/picks");
        assertThat(picks.size()).isEqualTo(2);
        assertThat(picks.at("/1/sentence").asString()).startsWith("A wider span: 12 percent slower");
        String place = "/api/assignments/" + assignment.id() + "/place";
        assertThat(teacher.post(place, "{\"at\":" + picks.at("/1/to") + "}").status())
                .isEqualTo(200);
        assertThat(item().at("/toPlay/here/stage").asString()).isEqualTo("eighths, two octaves");
        assertThat(item().at("/toPlay/here/bpm").toString()).isEqualTo("60");
        playClean(1);
        assertThat(item().at("/standing/cleanInRow").asInt()).isEqualTo(1);
        assertThat(teacher.post(place, "{\"at\":[0,0,7]}").string("detail")).isEqualTo("This climb has no rung 0.0.7.");
    }

    @Test
    void a_student_starts_where_the_teacher_says_and_a_changed_climb_keeps_the_nearest_rung() {
        Answer assignment = assigned(Given.CLIMB, ",\"start\":[2]");
        assertThat(item().at("/toPlay/here/bpm").toString()).isEqualTo("76");
        playClean(3);
        assertThat(item().at("/toPlay/here/bpm").toString()).isEqualTo("84");
        String tens = Given.CLIMB
                .replace("\"from\":60,\"to\":100", "\"from\":50,\"to\":110")
                .replace("8}", "10}");
        Answer changed = teacher.post("/api/assignments/" + assignment.id() + "/climb", "{\"climb\":" + tens + "}");
        assertThat(changed.string("climbWords")).isEqualTo("50 bpm to 110 bpm");
        assertThat(item().at("/toPlay/here/bpm").toString())
                .as("not harder than 84")
                .isEqualTo("80");
        playClean(3);
        assertThat(item().at("/toPlay/here/bpm").toString()).isEqualTo("90");
        assertThat(assigned(Given.CLIMB, ",\"start\":[9]").string("pointer")).isEqualTo("/start");
    }

    /** Clean at one tempo on each of these days before today; the assignment is a week old. */
    private void cleanOn(long assignment, int... daysAndBpm) {
        for (int i = 0; i < daysAndBpm.length; i += 2) {
            LocalDate day = today.minusDays(daysAndBpm[i]);
            String at = day.atTime(LocalTime.NOON.minusHours(11))
                    .atZone(ZoneId.systemDefault())
                    .toOffsetDateTime()
                    .toString();
            practising.post(
                    "/api/practice/takes", Given.take(UUID.randomUUID(), assignment, "clean", daysAndBpm[i + 1], at));
        }
    }

    private JsonNode forecast(Answer assignment, String what) {
        return InThePage.forecast(teacher, assignment.id(), what);
    }

    @Test
    void a_goal_with_a_date_is_forecast_from_the_takes_and_what_if_changes_nothing() {
        Answer assignment = assigned(Given.CLIMB, ",\"goal\":{\"bpm\":100,\"date\":\"" + today.plusDays(16) + "\"}");
        JsonNode none = forecast(assignment, "{}");
        assertThat(none.at("/forecast/kind").asString()).isEqualTo("too-few");
        assertThat(none.at("/forecast/sentence").asString())
                .contains("reckoned at 1 rung a practice day, as none is seen on this climb yet");
        cleanOn(assignment.id(), 12, 72, 8, 76, 4, 80, 1, 83);
        JsonNode now = forecast(assignment, "{}");
        // Four days of one clean take each passed one rung of six: slower than the goal wants.
        assertThat(now.at("/forecast/kind").asString()).isEqualTo("behind");
        assertThat(now.at("/forecast/gainAWeek").asDouble()).isEqualTo(7.0);
        assertThat(now.at("/forecast/sentence").asString())
                .contains("seen on 4 days")
                .contains("The slope of the clean tempos agrees");
        assertThat(now.at("/forecast/early").asString())
                .isLessThan(now.at("/forecast/projected").asString());
        assertThat(now.at("/forecast/projected").asString())
                .as("the page says one day, not two")
                .isLessThan(now.at("/forecast/late").asString());
        assertThat(now.at("/prospect/done")).isEqualTo(now.at("/forecast/projected"));
        assertThat(now.at("/forecast/picture/0/best").asDouble()).isEqualTo(72.0);
        assertThat(now.at("/forecast/milestones").size()).isEqualTo(3);
        JsonNode later = forecast(
                assignment, "{\"practice\":{\"by\":\"" + today.plusDays(200) + "\",\"minutesADay\":20},\"bpm\":100}");
        assertThat(later.at("/forecast/kind").asString()).isEqualTo("on-course");
        assertThat(later.at("/prospect/sentence").asString()).contains("with 20 min a day");
        assertThat(forecast(assignment, "{}")).isEqualTo(now);
        teacher.put("/api/assignments/" + assignment.id() + "/goal", "{\"goal\":null}");
        assertThat(forecast(assignment, "{}").has("forecast")).isFalse();
        assertThat(forecast(assignment, "{\"bpm\":1}").path("pointer").asString())
                .isEqualTo("/bpm");
    }

    @Test
    void what_was_played_must_be_a_rung() {
        Answer assignment = assigned(PICKS, "");
        Answer refused = practising.post(
                "/api/practice/takes",
                """
                {"clientId":"%s","assignmentId":%d,"bpm":60,"outcome":"clean","takenAt":"%s",
                 "played":[{"axis":"value","rung":{"octaves":1}}]}"""
                        .formatted(UUID.randomUUID(), assignment.id(), java.time.OffsetDateTime.now()));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.string("pointer")).isEqualTo("/played");
    }

    @Test
    void a_standing_never_depends_on_takes_of_another_step_or_another_student() {
        Answer one = assigned(Given.CLIMB, "");
        Answer other = assigned(Given.CLIMB, "");
        Answer twin = Given.student(teacher, "Twin", "english-horn");
        Answer alone = teacher.post(
                "/api/assignments", Given.assignment(one.json().get("stepId").asLong(), twin.id()));
        Client twinPractising = practising.byLink(twin.string("practicePath"));
        Random random = new Random(7);
        for (int i = 0; i < 40; i++) {
            String outcome = random.nextInt(4) > 0 ? "clean" : "slips";
            int bpm = 60 + 8 * random.nextInt(6);
            if (random.nextBoolean()) {
                practising.post("/api/practice/takes", Given.take(other.id(), outcome, bpm));
            } else {
                practising.post("/api/practice/takes", Given.take(one.id(), outcome, bpm));
                twinPractising.post("/api/practice/takes", Given.take(alone.id(), outcome, bpm));
            }
        }
        JsonNode mixed = item();
        JsonNode pure = twinPractising.get("/api/practice/today").json().at("/items/0");
        assertThat(mixed.get("assignmentId").asLong()).isEqualTo(one.id());
        assertThat(mixed.at("/day/takes").asInt()).isPositive();
        for (String field : List.of("/toPlay/here", "/standing", "/day/takes", "/day/morning")) {
            assertThat(mixed.at(field)).as(field).isEqualTo(pure.at(field));
        }
    }
}
