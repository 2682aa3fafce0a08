package pebblestep.app.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.IntStream;
import javax.sql.DataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import pebblestep.app.assignments.Assigned;
import pebblestep.app.assignments.AssignmentService;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What is kept beside the log is what the log says, whatever came in whichever order. */
@ExtendWith(RunningApp.class)
class StoredProgressTest {
    private final JsonMapper json = JsonMapper.builder().build();
    private Client teacher;
    private Client student;
    private Answer enrolled;
    private long assignment;
    private JdbcTemplate database;
    private ApplicationContext context;

    @BeforeEach
    void a_student_with_a_step(Client client, RunningApp.Server server) {
        teacher = client.signUp();
        enrolled = Given.student(teacher, "Ada", "oboe");
        assignment = Given.assigned(teacher, enrolled).id();
        student = client.byLink(enrolled.string("practicePath"));
        context = server.context();
        database = new JdbcTemplate(server.context().getBean(DataSource.class));
    }

    private JsonNode kept() {
        String text = database.queryForObject(
                "select cast(state as varchar) from standings where assignment_id = ?", String.class, assignment);
        JsonNode node = json.readTree(text);
        // H2 gives a JSON column that was bound as text back as a JSON string.
        return node.isString() ? json.readTree(node.asString()) : node;
    }

    private JsonNode workedOutAnew() {
        database.update("delete from standings where assignment_id = ?", assignment);
        long studio = database.queryForObject("select studio_id from assignments where id = ?", Long.class, assignment);
        Assigned assigned = context.getBean(AssignmentService.class).get(studio, assignment);
        context.getBean(ProgressStore.class).rebuildAll(List.of(assigned));
        return kept();
    }

    private void take(UUID id, String outcome, int bpm, OffsetDateTime at) {
        Answer answer = student.post("/api/practice/takes", Given.take(id, assignment, outcome, bpm, at.toString()));
        assertThat(answer.status()).isEqualTo(200);
    }

    /** A reader may read, then be overtaken by a writer, and must not put back what it has read. */
    @Test
    void whoever_reads_meanwhile_leaves_nothing_out_of_date_behind() throws InterruptedException {
        AtomicBoolean over = new AtomicBoolean();
        List<Thread> readers = IntStream.range(0, 4)
                .mapToObj(i -> new Thread(() -> {
                    while (!over.get()) student.get("/api/practice/today");
                }))
                .toList();
        readers.forEach(Thread::start);
        try {
            for (int takes = 1; takes <= 80; takes++) {
                take(UUID.randomUUID(), takes % 3 == 0 ? "slips" : "clean", 60, OffsetDateTime.now());
                JsonNode item = student.get("/api/practice/today").json().at("/items/0");
                assertThat(item.at("/day/takes").asInt()).isEqualTo(takes);
            }
        } finally {
            over.set(true);
            for (Thread reader : readers) reader.join();
        }
    }

    @Test
    void takes_late_takes_twice_and_decisions_leave_the_same_as_a_reading_of_the_log() {
        Random random = new Random(4);
        OffsetDateTime start = OffsetDateTime.now().minusDays(6);
        List<OffsetDateTime> moments = new ArrayList<>();
        for (int i = 0; i < 48; i++) moments.add(start.plusMinutes(170L * i));
        Collections.shuffle(moments.subList(10, 30), random);
        for (int i = 0; i < moments.size(); i++) {
            UUID id = UUID.randomUUID();
            String outcome = random.nextInt(5) == 0 ? "slips" : "clean";
            int bpm = 60 + 8 * random.nextInt(3);
            take(id, outcome, bpm, moments.get(i));
            if (i % 9 == 0) take(id, outcome, bpm, moments.get(i));
            if (i == 20) teacher.post("/api/assignments/" + assignment + "/place", "{\"at\":[1]}");
            if (i == 28) {
                String other =
                        "{\"axes\":[{\"axis\":\"tempo\",\"from\":56,\"to\":96,\"scheme\":{\"type\":\"fixed\",\"by\":4}}]}";
                teacher.post("/api/assignments/" + assignment + "/climb", "{\"climb\":" + other + "}");
            }
            if (i == 36) teacher.post("/api/assignments/" + assignment + "/hold", "{\"holds\":true}");
            if (i == 40) teacher.post("/api/assignments/" + assignment + "/undo", "");
            if (i % 6 == 5 || i > 43) {
                JsonNode soFar = kept();
                assertThat(workedOutAnew()).as("after take " + i).isEqualTo(soFar);
            }
        }
        assertThat(kept().get("takes").asInt()).isEqualTo(48);
    }

    @Test
    void a_decision_that_is_taken_back_leaves_the_student_as_if_it_had_not_been() {
        take(UUID.randomUUID(), "clean", 60, OffsetDateTime.now());
        JsonNode before = kept();
        teacher.post("/api/assignments/" + assignment + "/place", "{\"at\":[3]}");
        assertThat(student.get("/api/practice/today")
                        .json()
                        .at("/items/0/toPlay/here/bpm")
                        .asInt())
                .isEqualTo(84);
        assertThat(teacher.post("/api/assignments/" + assignment + "/undo", "").status())
                .isEqualTo(200);
        assertThat(kept()).isEqualTo(before);
        Answer again = teacher.post("/api/assignments/" + assignment + "/undo", "");
        assertThat(again.status()).isEqualTo(422);
        assertThat(again.string("detail")).startsWith("Nothing was decided about this step");
    }

    @Test
    void other_days_and_minutes_leave_the_standing_alone() {
        take(UUID.randomUUID(), "clean", 60, OffsetDateTime.now());
        JsonNode before = kept();
        Answer changed = teacher.put(
                "/api/assignments/" + assignment + "/schedule", "{\"weekdays\":[1,3,5],\"minutesADay\":12}");
        assertThat(changed.json().get("weekdays").toString()).isEqualTo("[1,3,5]");
        assertThat(changed.json().path("endsOn").isMissingNode())
                .as("until it is learned")
                .isTrue();
        assertThat(kept()).isEqualTo(before);
        Answer refused = teacher.put(
                "/api/assignments/" + assignment + "/schedule", "{\"endsOn\":\"2001-01-01\",\"minutesADay\":12}");
        assertThat(refused.status()).isEqualTo(422);
    }
}
