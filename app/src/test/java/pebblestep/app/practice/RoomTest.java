package pebblestep.app.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import tools.jackson.databind.JsonNode;

/** What the practice room is given for a week, and what it gives back. */
@ExtendWith(RunningApp.class)
class RoomTest {
    private Client teacher;
    private Answer student;
    private Answer assignment;
    private Client practising;

    @BeforeEach
    void an_assigned_step(Client client) {
        teacher = client.signUp();
        student = Given.student(teacher, "Wilhelmina Reed", "english-horn");
        assignment = Given.assigned(teacher, student);
        practising = client.byLink(student.string("practicePath"));
    }

    private JsonNode week() {
        return practising.get("/api/practice/week").json();
    }

    private JsonNode log(String outcome, int bpm) {
        return practising
                .post("/api/practice/takes", Given.take(assignment.id(), outcome, bpm))
                .json();
    }

    @Test
    void a_week_holds_a_list_for_each_day_and_says_nothing_of_others() {
        Given.assigned(teacher, Given.student(teacher, "Somebody Else", "oboe"));
        JsonNode week = week();
        assertThat(week.get("days")).hasSize(7);
        assertThat(week.at("/days/0"))
                .isEqualTo(practising.get("/api/practice/today").json());
        assertThat(week.at("/days/6/day").asString())
                .isEqualTo(LocalDate.now().plusDays(6).toString());
        assertThat(week.at("/days/6/items")).hasSize(1);
        assertThat(week.toString()).doesNotContain("Somebody");
        assertThat(student.string("practicePath"))
                .doesNotContainIgnoringCase("wilhelmina")
                .doesNotContain("Reed");
        assertThat(week.at("/latencyTest/clicksMs")).hasSize(16);
        assertThat(week.at("/latencyTest/clicksMs/15").asDouble()).isEqualTo(15_000);
        assertThat(week.at("/latencyTest/endMs").asDouble()).isEqualTo(16_000);
        assertThat(week.get("simulated").asBoolean()).isFalse();
    }

    /** Without the studio the room follows what was foreseen; it must be what the studio then says. */
    @Test
    void what_is_foreseen_is_what_comes() {
        JsonNode ahead = week().at("/ahead/0");
        int at = 0;
        for (String outcome :
                List.of("clean", "clean", "slips", "clean", "clean", "clean", "slips", "stopped", "slips")) {
            JsonNode state = ahead.get("states").get(at);
            int bpm =
                    ahead.get("rungs").get(state.get("rung").asInt()).get("bpm").asInt();
            at = state.get(outcome.equals("clean") ? "clean" : "missed").asInt();
            JsonNode item = log(outcome, bpm);
            JsonNode foreseen = ahead.get("states").get(at);
            assertThat(foreseen.get("sentence")).isEqualTo(item.at("/standing/sentence"));
            assertThat(foreseen.get("cleanInRow")).isEqualTo(item.at("/standing/cleanInRow"));
            assertThat(ahead.get("rungs").get(foreseen.get("rung").asInt())).isEqualTo(item.at("/toPlay/here"));
        }
        assertThat(week().at("/ahead/0/states/0/sentence"))
                .isEqualTo(ahead.get("states").get(at).get("sentence"));
    }

    @Test
    void a_run_rises_over_rungs_that_are_known() {
        JsonNode week = week();
        assertThat(week.get("runs")).hasSize(15);
        JsonNode rungs = week.at("/ahead/0/rungs");
        List<String> walk = new ArrayList<>();
        for (JsonNode rung = rungs.get(0); rung != null; ) {
            walk.add(rung.get("bpm").toString());
            String next = rung.has("next") ? rung.get("next").asString() : null;
            JsonNode found = null;
            for (JsonNode one : rungs) if (one.get("at").asString().equals(next)) found = one;
            rung = found;
        }
        assertThat(walk).containsExactly("60", "68", "76", "84", "92", "100");
        JsonNode higher = practising
                .get("/api/practice/assignments/" + assignment.id() + "/passage?at=2")
                .json();
        assertThat(higher.at("/notes/1/ms").asDouble())
                .as("a sixteenth at 76 bpm")
                .isEqualTo(197.368);
        assertThat(higher.at("/key/signature").asString()).isEqualTo("4 flats: Bb, Eb, Ab, Db");
        assertThat(practising
                        .get("/api/practice/assignments/" + assignment.id() + "/passage?at=99")
                        .string("pointer"))
                .isEqualTo("/at");
    }

    @Test
    void a_decision_of_the_teacher_makes_a_new_edition() {
        int before = week().at("/ahead/0/edition").asInt();
        teacher.post("/api/assignments/" + assignment.id() + "/place", "{\"at\":[2]}");
        assertThat(week().at("/ahead/0/edition").asInt()).isEqualTo(before + 1);
        assertThat(week().at("/days/0/items/0/edition").asInt()).isEqualTo(before + 1);
    }

    @Test
    void a_take_says_what_slipped_and_how_long_it_took() {
        String take = Given.take(assignment.id(), "slips", 60)
                .replace(
                        "\"note\"",
                        "\"seconds\":40,\"slipped\":{\"kinds\":[\"rhythm\",\"notes\"],\"notes\":[{\"index\":3,\"pitch\":\"Db5\"}]},\"note\"");
        JsonNode item = practising.post("/api/practice/takes", take).json();
        assertThat(item.at("/day/seconds").asInt()).isEqualTo(40);
        assertThat(item.at("/day/clean").asInt()).isZero();
        assertThat(item.at("/day/morning").asString()).isEqualTo("60 bpm");
        assertThat(teacher.get("/api/students/" + student.id() + "/takes")
                        .json()
                        .at("/items/0/slipped")
                        .asString())
                .isEqualTo("notes, rhythm, at Db5");
        assertThat(practising
                        .post(
                                "/api/practice/takes",
                                Given.take(assignment.id(), "slips", 60)
                                        .replace("\"note\"", "\"slipped\":{\"kinds\":[\"mood\"]},\"note\""))
                        .string("pointer"))
                .isEqualTo("/slipped/kinds/0");
        assertThat(practising
                        .post("/api/practice/takes", take.replace("\"seconds\":40", "\"seconds\":-1"))
                        .string("pointer"))
                .isEqualTo("/seconds");
    }

    @Test
    void a_line_to_the_teacher_is_stored_once_and_stands_on_the_desk() {
        String word = "{\"clientId\":\"%s\",\"text\":\" My lip is tired. \",\"saidAt\":\"%s\"}"
                .formatted(UUID.randomUUID(), OffsetDateTime.now());
        assertThat(practising.post("/api/practice/words", word).status()).isEqualTo(204);
        assertThat(practising.post("/api/practice/words", word).status()).isEqualTo(204);
        JsonNode words = teacher.get("/api/students/" + student.id() + "/words").json();
        assertThat(words.get("total").asInt()).isEqualTo(1);
        assertThat(words.at("/items/0/text").asString()).isEqualTo("My lip is tired.");
        assertThat(teacher.get("/api/desk").json().at("/items/0/word/text").asString())
                .isEqualTo("My lip is tired.");
        assertThat(practising
                        .post("/api/practice/words", word.replace("My lip is tired.", ""))
                        .string("pointer"))
                .isEqualTo("/text");
    }

    @Test
    void the_delay_of_headphones_is_found_by_tapping() {
        String taps = IntStream.range(0, 16)
                .mapToObj(i -> Integer.toString(1000 * i + 150))
                .collect(Collectors.joining(",", "{\"taps\":[", "]}"));
        assertThat(practising
                        .post("/api/practice/latency", taps)
                        .json()
                        .get("ms")
                        .asDouble())
                .isEqualTo(180.0);
        assertThat(practising.post("/api/practice/latency", "{\"taps\":[1]}").status())
                .isEqualTo(422);
        assertThat(practising
                        .post(
                                "/api/practice/assignments/" + assignment.id() + "/taps/simulated",
                                "{\"bpm\":60,\"player\":\"late\"}")
                        .status())
                .as("in the demo only")
                .isEqualTo(404);
    }

    @Test
    void a_student_tunes_to_a_reference_pitch_of_their_own() {
        String form = "{\"name\":\"Wilhelmina Reed\",\"instrument\":\"english-horn\",\"referencePitch\":%s}";
        teacher.put("/api/students/" + student.id(), form.formatted("442"));
        JsonNode passage = practising
                .get("/api/practice/assignments/" + assignment.id() + "/passage")
                .json();
        assertThat(passage.at("/clicks/drone/tonicHz").asDouble()).as("Db3").isEqualTo(139.221);
        assertThat(passage.at("/clicks/voiceHz/0").asDouble()).isEqualTo(278.443);
        assertThat(teacher.put("/api/students/" + student.id(), form.formatted("300"))
                        .string("pointer"))
                .isEqualTo("/referencePitch");
    }

    @Test
    void the_days_list_has_a_reason_for_every_line_and_keeps_to_the_students_minutes() {
        JsonNode item = practising.get("/api/practice/today").json().at("/items/0");
        assertThat(item.at("/why/purpose").asString()).isEqualTo("learning");
        assertThat(item.at("/why/sentence").asString()).isEqualTo("new: given 7 days ago");
        for (int i = 0; i < 7; i++) Given.assigned(teacher, student);
        assertThat(practising.get("/api/practice/today").json().get("items")).hasSize(8);
        teacher.put(
                "/api/students/" + student.id(),
                "{\"name\":\"Wilhelmina Reed\",\"instrument\":\"english-horn\",\"minutesADay\":5}");
        JsonNode today = practising.get("/api/practice/today").json();
        assertThat(today.get("trims")).isNotEmpty();
        assertThat(today.at("/items/3/toPlay/repetitions").asInt()).isLessThan(5);
        long minutes = 0;
        for (JsonNode one : today.get("items"))
            minutes += one.at("/toPlay/minutes").asLong();
        assertThat(minutes).as("each rounded up").isLessThanOrEqualTo(5 + 8);
    }

    @Test
    void a_step_is_given_on_days_of_the_week_and_until_it_is_learned() {
        LocalDate today = LocalDate.now();
        int other = today.plusDays(1).getDayOfWeek().getValue();
        Answer given = teacher.post(
                "/api/assignments",
                "{\"stepId\":%d,\"studentId\":%d,\"startsOn\":\"%s\",\"weekdays\":[%d],\"minutesADay\":8}"
                        .formatted(Given.step(teacher).id(), student.id(), today.minusDays(1), other));
        assertThat(given.status()).isEqualTo(201);
        assertThat(given.json().has("endsOn")).isFalse();
        assertThat(given.json().get("weekdays").toString()).isEqualTo("[" + other + "]");
        assertThat(practising.get("/api/practice/today").json().get("items")).hasSize(1);
        assertThat(week().at("/days/1/items")).hasSize(2);
        assertThat(teacher.post(
                                "/api/assignments",
                                "{\"stepId\":%d,\"studentId\":%d,\"startsOn\":\"%s\",\"weekdays\":[8],\"minutesADay\":8}"
                                        .formatted(Given.step(teacher).id(), student.id(), today))
                        .string("pointer"))
                .startsWith("/weekdays");
    }
}
