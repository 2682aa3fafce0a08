package pebblestep.app.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.slf4j.LoggerFactory;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.InThePage;
import pebblestep.app.RunningApp;
import pebblestep.core.Identified;
import pebblestep.core.Refusal;
import pebblestep.core.practice.Outcome;
import pebblestep.documents.PassageDocument;
import pebblestep.documents.practice.TakenPart;
import pebblestep.documents.practice.TodayItem;
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

    private InThePage page() {
        return InThePage.of(practising);
    }

    private JsonNode log(String outcome, int bpm) {
        return practising
                .post("/api/practice/takes", Given.take(assignment.id(), outcome, bpm))
                .json()
                .get("item");
    }

    @Test
    void a_room_holds_all_that_its_lists_need_and_says_nothing_of_others() {
        Given.assigned(teacher, Given.student(teacher, "Somebody Else", "oboe"));
        JsonNode room = practising.get("/api/practice/room").json();
        InThePage page = page();
        assertThat(InThePage.json(page.list(LocalDate.now())))
                .isEqualTo(practising.get("/api/practice/today").json());
        assertThat(page.list(LocalDate.now().plusDays(7)).items())
                .as("its last day")
                .hasSize(1);
        assertThat(page.list(LocalDate.now().plusDays(8)).items()).isEmpty();
        assertThat(room.toString()).doesNotContain("Somebody");
        assertThat(student.string("practicePath"))
                .doesNotContainIgnoringCase("wilhelmina")
                .doesNotContain("Reed");
        assertThat(room.at("/latencyTest/clicksMs")).hasSize(16);
        assertThat(room.at("/latencyTest/clicksMs/15").asDouble()).isEqualTo(15_000);
        assertThat(room.at("/latencyTest/endMs").asDouble()).isEqualTo(16_000);
        assertThat(room.get("simulated").asBoolean()).isFalse();
    }

    /** Without the studio the page goes on by itself; it must come to what the studio then says. */
    @Test
    void what_the_page_works_out_is_what_the_studio_says() {
        InThePage before = page();
        List<TakenPart> taken = new ArrayList<>();
        for (String outcome :
                List.of("clean", "clean", "slips", "clean", "clean", "clean", "slips", "stopped", "slips")) {
            TodayItem here = before.list(LocalDate.now(), taken.toArray(TakenPart[]::new))
                    .items()
                    .getFirst();
            BigDecimal bpm = here.toPlay().here().bpm();
            taken.add(new TakenPart(
                    assignment.id(),
                    bpm,
                    List.of(),
                    Identified.of(Outcome.class, outcome),
                    null,
                    null,
                    OffsetDateTime.now().toString()));
            JsonNode item = log(outcome, bpm.intValue());
            JsonNode alone = InThePage.json(before.list(LocalDate.now(), taken.toArray(TakenPart[]::new)))
                    .at("/items/0");
            for (String part : List.of("standing", "day", "head", "edition"))
                assertThat(alone.get(part)).isEqualTo(item.get(part));
            assertThat(alone.at("/toPlay/here")).isEqualTo(item.at("/toPlay/here"));
        }
        assertThat(InThePage.json(page().list(LocalDate.now())))
                .isEqualTo(InThePage.json(before.list(LocalDate.now(), taken.toArray(TakenPart[]::new))));
    }

    @Test
    void the_stand_has_the_rung_that_is_asked_for() {
        PassageDocument higher = page().passage(assignment.id(), "2", null);
        assertThat(higher.notes().get(1).ms()).as("a sixteenth at 76 bpm").isEqualTo(197.368);
        assertThat(higher.key().signature()).isEqualTo("4 flats: B♭, E♭, A♭, D♭");
        assertThatThrownBy(() -> page().passage(assignment.id(), "99", null))
                .isInstanceOf(Refusal.class)
                .extracting(e -> ((Refusal) e).field())
                .isEqualTo("at");
    }

    @Test
    void a_decision_of_the_teacher_makes_a_new_edition() {
        int before = page().piece(assignment.id()).edition();
        teacher.post("/api/assignments/" + assignment.id() + "/place", "{\"at\":[2]}");
        assertThat(page().piece(assignment.id()).edition()).isEqualTo(before + 1);
        assertThat(page().list(LocalDate.now()).items().getFirst().edition()).isEqualTo(before + 1);
    }

    /** The studio is the judge: what a page has reckoned otherwise is written to the log as a defect, and shown to nobody. */
    @Test
    void what_a_page_reckons_is_held_against_the_log() {
        ListAppender<ILoggingEvent> written = new ListAppender<>();
        Logger log = (Logger) LoggerFactory.getLogger(RoomService.class);
        log.addAppender(written);
        written.start();
        reckon("{\"edition\":0,\"takes\":1,\"at\":\"0\",\"cleanInRow\":1}");
        reckon("{\"edition\":0,\"takes\":8,\"at\":\"3\",\"cleanInRow\":0}");
        assertThat(defects(written)).as("as it is, and of another log").isEmpty();
        reckon("{\"edition\":0,\"takes\":3,\"at\":\"3\",\"cleanInRow\":0}");
        assertThat(defects(written)).hasSize(1);
        log.detachAppender(written);
    }

    private List<String> defects(ListAppender<ILoggingEvent> written) {
        return written.list.stream()
                .map(ILoggingEvent::getFormattedMessage)
                .filter(line -> line.startsWith("Defect: of assignment " + assignment.id() + " "))
                .toList();
    }

    private void reckon(String reckoned) {
        String take =
                Given.take(assignment.id(), "clean", 60).replace("\"note\"", "\"reckoned\":" + reckoned + ",\"note\"");
        assertThat(practising.post("/api/practice/takes", take).status()).isEqualTo(200);
    }

    @Test
    void a_take_says_what_slipped_and_how_long_it_took() {
        String take = Given.take(assignment.id(), "slips", 60)
                .replace(
                        "\"note\"",
                        "\"seconds\":40,\"slipped\":{\"kinds\":[\"rhythm\",\"notes\"],\"notes\":[{\"index\":3,\"pitch\":\"Db5\"}]},\"note\"");
        JsonNode item = practising.post("/api/practice/takes", take).json().get("item");
        assertThat(item.at("/day/seconds").asInt()).isEqualTo(40);
        assertThat(item.at("/day/clean").asInt()).isZero();
        assertThat(item.at("/day/morning").asString()).isEqualTo("60 bpm");
        assertThat(teacher.get("/api/students/" + student.id() + "/takes")
                        .json()
                        .at("/items/0/slipped")
                        .asString())
                .isEqualTo("notes, rhythm, at D♭5");
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
    void a_student_tunes_to_a_reference_pitch_of_their_own() {
        String form = "{\"name\":\"Wilhelmina Reed\",\"instrument\":\"english-horn\",\"referencePitch\":%s}";
        teacher.put("/api/students/" + student.id(), form.formatted("442"));
        JsonNode passage = page().passage(assignment.id());
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
        assertThat(page().list(today.plusDays(1)).items()).hasSize(2);
        assertThat(teacher.post(
                                "/api/assignments",
                                "{\"stepId\":%d,\"studentId\":%d,\"startsOn\":\"%s\",\"weekdays\":[8],\"minutesADay\":8}"
                                        .formatted(Given.step(teacher).id(), student.id(), today))
                        .string("pointer"))
                .startsWith("/weekdays");
    }
}
