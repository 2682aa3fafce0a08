package pebblestep.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.PebbleStep;
import pebblestep.app.assignments.Assigned;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.practice.ProgressStore;
import tools.jackson.databind.JsonNode;

/**
 * Thirty-two clients on a demo that has just started, when nothing is remembered yet. Nobody is turned away. Who held a
 * connection while waiting for a second one would wait for ever, and be answered with 500 when a minute is over; a machine
 * that is merely busy is not: how long clients wait is measured by the bench.
 */
class ManyAtOnceTest {
    private static final int CLIENTS = 32;
    private static final int ROUNDS = 4;

    @TempDir
    Path data;

    @Test
    void a_cold_start_serves_thirty_two_clients_at_once() throws Exception {
        try (ConfigurableApplicationContext demo = demo("many")) {
            List<Answer> answers = together(port(demo));
            assertThat(answers).hasSizeGreaterThan(CLIENTS * ROUNDS * 3);
            assertThat(answers)
                    .filteredOn(answer -> answer.status() >= 400)
                    .as("every request is answered")
                    .isEmpty();
            assertThat(signUpsOfOneAddress(port(demo)))
                    .as("one address at one moment makes one studio")
                    .containsOnlyOnce(201)
                    .doesNotContain(500);
        }
    }

    private static List<Integer> signUpsOfOneAddress(int port) throws Exception {
        List<Integer> statuses = Collections.synchronizedList(new ArrayList<>());
        List<Callable<Void>> all = new ArrayList<>();
        for (int i = 0; i < CLIENTS / 2; i++) {
            Client client = new Client(port);
            client.get("/api/session");
            all.add(() -> {
                Answer answer = client.post(
                        "/api/accounts",
                        "{\"studio\":\"S\",\"name\":\"N\",\"email\":\"one@example.test\",\"password\":\"long-enough-1\"}");
                statuses.add(answer.status());
                return null;
            });
        }
        inParallel(all);
        return statuses;
    }

    /** As of before anything was kept beside the log: whoever comes first begins it, and the others come at the same moment. */
    @Test
    void the_first_takes_of_a_piece_may_come_at_the_same_moment() throws Exception {
        try (ConfigurableApplicationContext demo = demo("first")) {
            JsonNode students = teacher(port(demo)).get("/api/students").json().get("items");
            for (int i = 0; i < ROUNDS; i++) {
                Client student = new Client(port(demo))
                        .byLink(students.get(i).get("practicePath").asString());
                JsonNode item = student.get("/api/practice/today").json().at("/items/0");
                long assignment = item.required("assignmentId").asLong();
                demo.getBean(JdbcClient.class)
                        .sql("delete from standings where assignment_id = ?")
                        .param(assignment)
                        .update();
                List<Answer> answers = Collections.synchronizedList(new ArrayList<>());
                inParallel(Collections.nCopies(CLIENTS, () -> {
                    answers.add(student.post("/api/practice/takes", Given.cleanTake(item)));
                    return null;
                }));
                assertThat(answers).hasSize(CLIENTS).allSatisfy(answer -> assertThat(answer.status())
                        .as(answer.text())
                        .isEqualTo(200));
                assertThat(answers)
                        .extracting(
                                answer -> answer.json().at("/item/day/takes").asInt())
                        .as("each is counted once")
                        .doesNotHaveDuplicates();
                assertThat(student.get("/api/practice/today")
                                .json()
                                .at("/items/0/day/takes")
                                .asInt())
                        .isEqualTo(item.at("/day/takes").asInt() + CLIENTS);
            }
        }
    }

    /** What is kept beside the log is what the log comes to, whoever decided in the middle of whichever take. */
    @Test
    void takes_and_decisions_at_the_same_moment_leave_what_their_log_comes_to() throws Exception {
        try (ConfigurableApplicationContext demo = demo("decided")) {
            Client teacher = teacher(port(demo));
            JsonNode students = teacher.get("/api/students").json().get("items");
            for (int i = 0; i < ROUNDS; i++) {
                Client practising = new Client(port(demo))
                        .byLink(students.get(i).get("practicePath").asString());
                JsonNode item = practising.get("/api/practice/today").json().at("/items/0");
                long id = item.required("assignmentId").asLong();
                List<Integer> statuses =
                        takesAndDecisions(new Random(i), i % 2 == 0 ? 3 : 1, teacher, practising, item);
                assertThat(statuses).hasSize(CLIENTS).doesNotContain(500);
                JdbcClient database = demo.getBean(JdbcClient.class);
                String kept = state(database, id);
                long studio = database.sql("select studio_id from assignments where id = ?")
                        .param(id)
                        .query(Long.class)
                        .single();
                Assigned assigned = demo.getBean(AssignmentService.class).get(studio, id);
                demo.getBean(ProgressStore.class).rebuildAll(List.of(assigned));
                assertThat(kept).isEqualTo(state(database, id));
            }
        }
    }

    /** One of so many is a decision. */
    private static List<Integer> takesAndDecisions(
            Random random, int oneOf, Client teacher, Client practising, JsonNode item) throws Exception {
        String assignment = "/api/assignments/" + item.required("assignmentId").asLong();
        List<String[]> decisions = List.of(
                new String[] {"/place", "{\"at\":[0]}"},
                new String[] {"/hold", "{\"holds\":true}"},
                new String[] {"/hold", "{\"holds\":false}"},
                new String[] {"/undo", ""});
        List<Integer> statuses = Collections.synchronizedList(new ArrayList<>());
        List<Callable<Void>> all = new ArrayList<>();
        for (int i = 0; i < CLIENTS; i++) {
            String[] decision = decisions.get(random.nextInt(decisions.size()));
            boolean decides = random.nextInt(oneOf) == 0;
            String take = Given.cleanTake(item);
            String played = random.nextInt(4) == 0 ? take.replace("\"clean\"", "\"slips\"") : take;
            all.add(() -> {
                Answer answer = decides
                        ? teacher.post(assignment + decision[0], decision[1])
                        : practising.post("/api/practice/takes", played);
                statuses.add(answer.status());
                return null;
            });
        }
        inParallel(all);
        return statuses;
    }

    private static String state(JdbcClient database, long assignment) {
        return database.sql("select cast(state as varchar) from standings where assignment_id = ?")
                .param(assignment)
                .query(String.class)
                .single();
    }

    private ConfigurableApplicationContext demo(String database) {
        return new SpringApplication(PebbleStep.class)
                .run(
                        "--spring.profiles.active=demo",
                        "--server.port=0",
                        "--pebble.data=" + data,
                        "--pebble.password-strength=4",
                        "--spring.datasource.url=jdbc:h2:mem:" + database + ";DB_CLOSE_DELAY=-1",
                        "--spring.datasource.hikari.connection-timeout="
                                + Duration.ofMinutes(1).toMillis());
    }

    private static int port(ConfigurableApplicationContext demo) {
        return ((ServletWebServerApplicationContext) demo).getWebServer().getPort();
    }

    /** All begin at the same moment. */
    private static void inParallel(List<Callable<Void>> all) throws Exception {
        CountDownLatch go = new CountDownLatch(1);
        try (ExecutorService pool = Executors.newFixedThreadPool(all.size())) {
            List<Future<Void>> done = new ArrayList<>();
            for (Callable<Void> one : all) {
                done.add(pool.submit(() -> {
                    go.await();
                    return one.call();
                }));
            }
            go.countDown();
            for (Future<Void> one : done) one.get();
        }
    }

    private static Client teacher(int port) {
        Client teacher = new Client(port);
        teacher.get("/api/session");
        Answer signedIn = teacher.post(
                "/api/session", "{\"email\":\"ottilie@wrenmouth.example\",\"password\":\"low-tide-at-seven\"}");
        assertThat(signedIn.status()).as(signedIn.text()).isEqualTo(200);
        return teacher;
    }

    /** Every second client is the teacher, the others are students. */
    private static List<Answer> together(int port) throws Exception {
        Client teacher = teacher(port);
        JsonNode students = teacher.get("/api/students").json().get("items");
        List<Answer> answers = Collections.synchronizedList(new ArrayList<>());
        List<Callable<Void>> all = new ArrayList<>();
        for (int i = 0; i < CLIENTS; i++) {
            JsonNode student = students.get(i % students.size());
            all.add(
                    i % 2 == 0
                            ? teaching(teacher(port), student.get("id").asLong(), answers)
                            : practising(
                                    new Client(port)
                                            .byLink(student.get("practicePath").asString()),
                                    answers));
        }
        inParallel(all);
        return answers;
    }

    private static Callable<Void> teaching(Client teacher, long student, List<Answer> answers) {
        return () -> {
            for (int i = 0; i < ROUNDS; i++) {
                answers.add(teacher.get("/api/desk"));
                answers.add(teacher.get("/api/students/" + student + "/key-path"));
                answers.add(
                        teacher.post("/api/passages?with=score,clicks,pulse,near", "{\"step\":" + Given.STEP + "}"));
                answers.add(teacher.get("/api/students/" + student + "/lesson"));
            }
            return null;
        };
    }

    private static Callable<Void> practising(Client client, List<Answer> answers) {
        return () -> {
            for (int i = 0; i < ROUNDS; i++) {
                Answer today = client.get("/api/practice/today");
                answers.add(today);
                answers.add(client.get("/api/practice/room"));
                answers.add(client.get("/api/practice/key-path"));
                for (JsonNode item : today.json().get("items")) {
                    answers.add(client.post("/api/practice/takes", Given.cleanTake(item)));
                }
            }
            return null;
        };
    }
}
