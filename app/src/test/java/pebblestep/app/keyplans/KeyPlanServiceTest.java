package pebblestep.app.keyplans;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.InThePage;
import pebblestep.app.RunningApp;
import pebblestep.app.TurnableClock;
import pebblestep.documents.practice.RoomDocument;
import tools.jackson.databind.JsonNode;

/** Keys come one after the other by the plan's pace, and the student's list follows. */
@ExtendWith(RunningApp.class)
class KeyPlanServiceTest {
    private static final String SHORT_CLIMB =
            "{\"axes\":[{\"axis\":\"tempo\",\"from\":60,\"to\":70,\"scheme\":{\"type\":\"fixed\",\"by\":10}}]}";

    private Client teacher;
    private Client student;
    private long studentId;
    private long routine;

    @BeforeEach
    void a_student_and_a_routine(Client client) {
        teacher = client.signUp();
        Answer enrolled = Given.student(teacher, "Ada", "english-horn");
        studentId = enrolled.id();
        student = client.byLink(enrolled.string("practicePath"));
        routine = Given.step(teacher, Given.STEP, SHORT_CLIMB)
                .json()
                .get("routineId")
                .asLong();
    }

    @AfterEach
    void the_clock_is_turned_back() {
        TurnableClock.turnTo(0);
    }

    private String form(String pace, String more) {
        return """
                {"routineId":%d,"studentIds":[%d],"order":"fourths","start":"C","thereAndBack":false,"named":"written",
                 "forms":"major","pace":"%s","startsOn":"%s","minutesADay":5%s}"""
                .formatted(routine, studentId, pace, LocalDate.now(), more);
    }

    private JsonNode give(String pace) {
        Answer answer = teacher.post("/api/key-plans", form(pace, ""));
        assertThat(answer.status()).as(answer.json().toString()).isEqualTo(201);
        return answer.json().get(0);
    }

    private String today() {
        List<String> keys = new ArrayList<>();
        for (JsonNode item : student.get("/api/practice/today").json().get("items")) {
            keys.add(item.at("/head/key").asString());
        }
        return String.join(", ", keys);
    }

    private JsonNode decide(JsonNode plan, String kind) {
        String path = "/api/key-plans/" + plan.get("id").asLong();
        Answer answer = kind.equals("undo")
                ? teacher.post(path + "/undo", "")
                : teacher.post(path + "/decisions", "{\"kind\":\"" + kind + "\"}");
        assertThat(answer.status()).as(answer.json().toString()).isEqualTo(200);
        return answer.json();
    }

    @Test
    void a_key_a_week_comes_by_itself_and_a_fortnight_without_the_studio_knows_it() {
        JsonNode plan = give("week");
        assertThat(plan.get("sentence").asString()).startsWith("In C since").contains("key 1 of 12; F from");
        assertThat(today()).isEqualTo("C major");
        TurnableClock.turnTo(4);
        InThePage page = InThePage.of(student);
        LocalDate day = TurnableClock.now().toLocalDate();
        assertThat(keysOn(page, day.plusDays(2))).isEqualTo("C major");
        assertThat(keysOn(page, day.plusDays(3))).as("the eighth day").isEqualTo("F major");
        assertThat(keysOn(page, day.plusDays(10))).as("the fifteenth").isEqualTo("B♭ major");
        TurnableClock.turnTo(15);
        assertThat(today()).isEqualTo("B♭ major");
        JsonNode now =
                teacher.get("/api/students/" + studentId + "/key-plans").json().get(0);
        assertThat(now.get("tonic").asString()).isEqualTo("Bb");
        assertThat(now.at("/round/1/state").asString()).isEqualTo("past");
        assertThat(now.at("/round/2/state").asString()).isEqualTo("now");
        JsonNode path = teacher.get("/api/students/" + studentId + "/key-path").json();
        assertThat(path.at("/stones/2/forms/0/key").asString()).isEqualTo("B♭ major");
    }

    @Test
    void the_teacher_skips_repeats_holds_goes_on_and_takes_back() {
        JsonNode plan = give("week");
        assertThat(decide(plan, "skip").get("tonic").asString()).isEqualTo("F");
        assertThat(today()).isEqualTo("F major");
        assertThat(decide(plan, "undo").get("tonic").asString()).isEqualTo("C");
        assertThat(today()).isEqualTo("C major");
        TurnableClock.turnTo(5);
        decide(plan, "repeat");
        TurnableClock.turnTo(11);
        assertThat(today()).isEqualTo("C major");
        TurnableClock.turnTo(12);
        assertThat(today()).isEqualTo("F major");
        assertThat(decide(plan, "hold").get("sentence").asString()).endsWith("held here until you let it go on.");
        TurnableClock.turnTo(40);
        assertThat(today()).isEqualTo("F major");
        decide(plan, "go-on");
        TurnableClock.turnTo(47);
        assertThat(today()).isEqualTo("B♭ major");
        teacher.post("/api/key-plans/" + plan.get("id").asLong() + "/end", "");
        assertThat(today()).isEmpty();
        assertThat(teacher.get("/api/students/" + studentId + "/key-plans").json())
                .isEmpty();
        teacher.post("/api/key-plans/" + plan.get("id").asLong() + "/resume", "");
        assertThat(today()).isEqualTo("B♭ major");
    }

    @Test
    void the_next_key_comes_when_one_is_learned_and_the_old_one_comes_back_as_a_review() {
        give("learned");
        for (int i = 0; i < 6; i++) {
            JsonNode item = student.get("/api/practice/today").json().at("/items/0");
            assertThat(item.at("/head/key").asString()).isEqualTo("C major");
            student.post(
                    "/api/practice/takes",
                    Given.take(
                            UUID.randomUUID(),
                            item.get("assignmentId").asLong(),
                            "clean",
                            item.at("/toPlay/here/bpm").asInt(),
                            TurnableClock.now().toString()));
        }
        assertThat(today()).as("C is the warm-up now").isEqualTo("C major, F major");
        TurnableClock.turnTo(1);
        assertThat(today()).as("the learned one is due after a day").isEqualTo("F major, C major");
    }

    @Test
    void what_cannot_be_is_refused_with_what_to_do() {
        Answer own = teacher.post("/api/key-plans", form("week", "").replace("\"fourths\"", "null"));
        assertThat(own.status()).isEqualTo(422);
        assertThat(own.string("detail")).isEqualTo("Write the keys of your list.");
        teacher.put(
                "/api/students/" + studentId,
                "{\"name\":\"Ada\",\"instrument\":\"english-horn\",\"level\":\"first-octave\"}");
        Answer daily = teacher.post("/api/key-plans", form("day", ""));
        assertThat(daily.string("detail")).startsWith("A key a day is too fast for Ada");
        Answer order = teacher.post("/api/key-plans", form("week", "").replace("fourths", "by-mood"));
        assertThat(order.string("fits")).startsWith("One of: fourths, fifths,");
    }

    @Test
    void a_class_shares_one_concert_key_and_each_reads_their_own() {
        Answer bea = Given.student(teacher, "Bea", "oboe");
        Answer given = teacher.post(
                "/api/key-plans",
                form("week", "")
                        .replace("written", "concert")
                        .replace("[" + studentId + "]", "[" + studentId + "," + bea.id() + "]"));
        assertThat(given.json()).hasSize(2);
        assertThat(given.json().at("/0/tonic").asString()).as("an english horn").isEqualTo("G");
        assertThat(given.json().at("/1/tonic").asString()).as("an oboe").isEqualTo("C");
        assertThat(today()).isEqualTo("G major");
        Client beas = teacher.byLink(bea.string("practicePath"));
        assertThat(beas.get("/api/practice/today")
                        .json()
                        .at("/items/0/head/key")
                        .asString())
                .isEqualTo("C major");
    }

    @Test
    void what_the_teacher_ended_stays_ended_when_the_plan_is_looked_at_again() {
        JsonNode plan = give("week");
        long given = student.get("/api/practice/today")
                .json()
                .at("/items/0/assignmentId")
                .asLong();
        teacher.post("/api/assignments/" + given + "/end", "");
        assertThat(today()).isEmpty();
        TurnableClock.turnTo(2);
        decide(plan, "hold");
        decide(plan, "go-on");
        assertThat(today()).isEmpty();
        TurnableClock.turnTo(9);
        assertThat(today()).isEqualTo("F major");
    }

    @Test
    void a_plan_that_nobody_looked_at_for_weeks_is_in_the_key_of_today_alone() {
        give("week");
        TurnableClock.turnTo(7 * 5 + 1);
        assertThat(today()).isEqualTo("D♭ major");
        JsonNode all =
                teacher.get("/api/students/" + studentId + "/assignments").json();
        assertThat(all.findValuesAsString("title"))
                .as("the keys of a fortnight are there for a phone without network, from the first day and from this")
                .containsExactly(
                        "B major: Up and over",
                        "G♭ major: Up and over",
                        "D♭ major: Up and over",
                        "F major: Up and over",
                        "C major: Up and over");
    }

    @Test
    void a_key_a_day_knows_the_keys_of_the_coming_fortnight() {
        give("day");
        InThePage page = InThePage.of(student);
        LocalDate today = TurnableClock.now().toLocalDate();
        String keys = IntStream.range(0, RoomDocument.DAYS)
                .mapToObj(day -> keysOn(page, today.plusDays(day)).split(" ")[0])
                .collect(Collectors.joining(" "));
        assertThat(keys).isEqualTo("C F B♭ E♭ A♭ D♭ G♭ B E A D G C F");
    }

    private static String keysOn(InThePage page, LocalDate day) {
        return page.list(day).items().stream().map(item -> item.head().key()).collect(Collectors.joining(", "));
    }
}
