package pebblestep.app.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import pebblestep.app.TurnableClock;
import tools.jackson.databind.JsonNode;

/** A class is given a routine, weeks pass, verdicts change, the teacher decides, and the students' lists follow. */
@ExtendWith(RunningApp.class)
class WeeksTest {
    /** Two rungs, so that it is soon learned. */
    private static final String SHORT_CLIMB =
            "{\"axes\":[{\"axis\":\"tempo\",\"from\":60,\"to\":70,\"scheme\":{\"type\":\"fixed\",\"by\":10}}]}";

    private Client teacher;
    private Client ada;
    private Client bea;
    private long adasId;

    @BeforeEach
    void a_class_with_a_routine(Client client) {
        teacher = client.signUp();
        Answer first = Given.student(teacher, "Ada", "oboe");
        Answer second = Given.student(teacher, "Bea", "english-horn");
        adasId = first.id();
        ada = client.byLink(first.string("practicePath"));
        bea = client.byLink(second.string("practicePath"));
        long routine = Given.step(teacher, Given.STEP, SHORT_CLIMB)
                .json()
                .get("routineId")
                .asLong();
        teacher.post(
                "/api/assignments/group",
                "{\"routineId\":%d,\"studentIds\":[%d,%d],\"startsOn\":\"%s\",\"minutesADay\":5}"
                        .formatted(routine, first.id(), second.id(), LocalDate.now()));
    }

    @AfterEach
    void the_clock_is_turned_back() {
        TurnableClock.turnTo(0);
    }

    private static JsonNode item(Client student) {
        return student.get("/api/practice/today").json().at("/items/0");
    }

    private static JsonNode play(Client student, String outcomes) {
        JsonNode answer = null;
        for (String outcome : outcomes.split(" ")) {
            JsonNode item = item(student);
            answer = student.post(
                            "/api/practice/takes",
                            Given.take(
                                    UUID.randomUUID(),
                                    item.get("assignmentId").asLong(),
                                    outcome,
                                    item.at("/toPlay/here/bpm").asInt(),
                                    TurnableClock.now().toString()))
                    .json()
                    .get("item");
        }
        return answer;
    }

    private JsonNode onTheDesk(String name) {
        for (JsonNode line : teacher.get("/api/desk").json().get("items")) {
            if (line.get("name").asString().equals(name)) return line.at("/works/0");
        }
        throw new AssertionError(name);
    }

    @Test
    void a_week_passes_and_the_desk_says_who_needs_what() {
        assertThat(item(ada).at("/why/sentence").asString()).isEqualTo("new: given today");
        assertThat(item(bea).at("/head/key").asString())
                .as("each on their own instrument")
                .isEqualTo("A♭ major");
        play(ada, "clean clean clean");
        assertThat(onTheDesk("Ada").get("kind").asString()).isEqualTo("ready");
        assertThat(onTheDesk("Bea").get("kind").asString()).isEqualTo("new");
        TurnableClock.turnTo(7);
        assertThat(onTheDesk("Ada").get("sentence").asString()).startsWith("Quiet: no take on 6 days of practice;");
        assertThat(onTheDesk("Bea").get("sentence").asString()).contains("not begun since");
        JsonNode back = onTheDesk("Ada").at("/decisions/0");
        assertThat(back.get("kind").asString()).isEqualTo("back");
        teacher.post(
                "/api/assignments/" + item(ada).get("assignmentId").asLong() + "/place",
                "{\"at\":" + back.get("at") + "}");
        assertThat(item(ada).at("/toPlay/here/bpm").asInt())
                .as("the student's list follows")
                .isEqualTo(60);
        for (int day = 7; day < 10; day++) {
            TurnableClock.turnTo(day);
            play(bea, "clean slips clean clean slips");
        }
        assertThat(onTheDesk("Bea").get("sentence").asString())
                .isEqualTo("Stuck: 15 takes on 3 days at 60 bpm, never 3 clean in a row.");
        assertThat(onTheDesk("Bea").at("/advice/0").asString()).isEqualTo("slower: 51 to 54 bpm");
    }

    @Test
    void a_review_that_fails_twice_is_told_on_the_desk() {
        assertThat(play(ada, "clean clean clean clean clean clean")
                        .at("/standing/kind")
                        .asString())
                .isEqualTo("reached");
        TurnableClock.turnTo(1);
        assertThat(item(ada).at("/why/sentence").asString()).isEqualTo("review: 1 day since clean");
        play(ada, "slips");
        TurnableClock.turnTo(2);
        play(ada, "slips");
        assertThat(onTheDesk("Ada").get("kind").asString()).isEqualTo("slipping");
        assertThat(teacher.get("/api/students/" + adasId + "/takes")
                        .json()
                        .get("total")
                        .asInt())
                .isEqualTo(8);
    }

    @Test
    void what_was_played_stays_on_the_list_of_its_day_and_rests_until_it_is_due() {
        play(ada, "clean clean clean clean clean clean");
        assertThat(item(ada).at("/standing/kind").asString()).isEqualTo("reached");
        assertThat(item(ada).at("/why/purpose").asString()).isEqualTo("learning");
        assertThat(item(ada).at("/day/takes").asInt()).isEqualTo(6);
        TurnableClock.turnTo(1);
        play(ada, "clean");
        assertThat(item(ada).at("/why/sentence").asString()).isEqualTo("review: 1 day since clean");
        TurnableClock.turnTo(2);
        assertThat(ada.get("/api/practice/today").json().get("items"))
                .as("known, and without minutes to fill")
                .isEmpty();
    }

    @Test
    void slips_are_told_by_key_and_note() {
        JsonNode item = item(ada);
        String take = Given.take(item.get("assignmentId").asLong(), "slips", 60)
                .replace(
                        "\"note\"",
                        "\"slipped\":{\"kinds\":[\"notes\"],\"notes\":[{\"index\":3,\"pitch\":\"Gb4\"}]},\"note\"");
        ada.post("/api/practice/takes", take);
        play(ada, "clean");
        JsonNode stones =
                teacher.get("/api/students/" + adasId + "/key-path").json().get("stones");
        for (JsonNode stone : stones) {
            if (!stone.get("tonic").asString().equals("Db")) continue;
            assertThat(stone.at("/forms/0/slips/0").asString()).isEqualTo("G natural for G♭: 1 of 2 takes");
        }
        assertThat(stones.toString()).contains("G natural for G♭");
    }
}
