package pebblestep.app.accounts;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.slf4j.LoggerFactory;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.RunningApp;

@ExtendWith(RunningApp.class)
class AccountTest {
    private Client client;
    private final String email = UUID.randomUUID() + "@example.test";

    @BeforeEach
    void start(Client fresh) {
        client = fresh;
        client.get("/api/session");
    }

    private Answer signUp(String address, String password) {
        return client.post(
                "/api/accounts",
                """
                {"studio":"A Studio","name":"A Teacher","email":"%s","password":"%s"}"""
                        .formatted(address, password));
    }

    private static Answer signIn(Client client, String address, String password) {
        return client.post(
                "/api/session", """
                {"email":"%s","password":"%s"}""".formatted(address, password));
    }

    @Test
    void a_teacher_signs_up_out_and_in_again() {
        assertThat(signUp(email, "long-enough-1").status()).isEqualTo(201);
        assertThat(client.get("/api/session").json().at("/teacher/studio").asString())
                .isEqualTo("A Studio");
        assertThat(client.delete("/api/session").status()).isEqualTo(204);
        assertThat(client.get("/api/session").json().has("teacher")).isFalse();
        assertThat(client.get("/api/students").status()).isEqualTo(401);
        assertThat(signIn(client, email.toUpperCase(), "long-enough-1").status())
                .isEqualTo(200);
        assertThat(client.get("/api/students").status()).isEqualTo(200);
    }

    @Test
    void signing_in_gives_the_session_a_new_id() {
        signUp(email, "long-enough-1");
        String before = client.cookie("PEBBLE").orElseThrow();
        signIn(client, email, "long-enough-1");
        assertThat(client.cookie("PEBBLE").orElseThrow()).isNotEqualTo(before);
    }

    @Test
    void a_taken_address_and_weak_input_are_refused_by_their_field() {
        signUp(email, "long-enough-1");
        assertThat(signUp(email, "long-enough-1").string("pointer")).isEqualTo("/email");
        assertThat(signUp("x" + email, "short").string("detail")).isEqualTo("A password has 10 to 72 characters.");
        assertThat(signUp("x" + email, "ü".repeat(40)).string("pointer")).isEqualTo("/password");
        assertThat(signUp("nowhere", "long-enough-1").string("pointer")).isEqualTo("/email");
    }

    @Test
    void wrong_passwords_lock_out_by_rate_and_lock_out_nobody_else() {
        signUp(email, "long-enough-1");
        Client guesser = client.another();
        for (int i = 0; i < SignInGuard.TRIES_PER_ACCOUNT; i++) {
            Answer wrong = signIn(guesser, email, "wrong-password");
            assertThat(wrong.status()).isEqualTo(401);
            assertThat(wrong.string("detail")).contains("do not belong together");
        }
        Answer locked = signIn(guesser, email, "long-enough-1");
        assertThat(locked.status()).isEqualTo(429);
        assertThat(locked.string("detail")).contains("Wait two minutes");
        String other = "y" + email;
        signUp(other, "long-enough-1");
        assertThat(signIn(client.another(), other, "long-enough-1").status()).isEqualTo(200);
    }

    @Test
    void what_a_stranger_says_about_where_they_ask_from_is_not_believed() {
        signUp(email, "long-enough-1");
        List<Integer> statuses = new ArrayList<>();
        for (int i = 0; i <= SignInGuard.TRIES_PER_ACCOUNT; i++) {
            Client guesser = client.another().saying("X-Forwarded-For", "203.0.113." + i);
            statuses.add(signIn(guesser, email, "wrong-password").status());
        }
        assertThat(statuses.getLast()).isEqualTo(429);
    }

    @Test
    void a_password_that_is_easily_guessed_is_refused() {
        for (String easy : List.of(" ".repeat(10), "aaaaaaaaaaaa", "password123", "qwertyuiop", "1234567890", email)) {
            Answer refused = signUp(email, easy.substring(0, Math.min(72, easy.length())));
            assertThat(refused.string("pointer")).as(easy).isEqualTo("/password");
        }
        assertThat(signUp(email, "four wet stones and a heron").status()).isEqualTo(201);
    }

    @Test
    void an_address_that_is_taken_twice_at_one_moment_is_taken_once() throws Exception {
        List<Client> clients = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            Client another = client.another();
            another.get("/api/session");
            clients.add(another);
        }
        Logger root = (Logger) LoggerFactory.getLogger(org.slf4j.Logger.ROOT_LOGGER_NAME);
        ListAppender<ILoggingEvent> log = new ListAppender<>();
        log.start();
        root.addAppender(log);
        List<Integer> statuses;
        try (ExecutorService pool = Executors.newFixedThreadPool(8)) {
            List<Future<Integer>> all = new ArrayList<>();
            for (Client one : clients) {
                all.add(pool.submit(() -> one.post(
                                "/api/accounts",
                                "{\"studio\":\"S\",\"name\":\"N\",\"email\":\"" + email
                                        + "\",\"password\":\"long-enough-1\"}")
                        .status()));
            }
            statuses = new ArrayList<>();
            for (Future<Integer> one : all) statuses.add(one.get());
        } finally {
            root.detachAppender(log);
        }
        assertThat(statuses).containsOnlyOnce(201).doesNotContain(500);
        assertThat(log.list)
                .as("no address in the log")
                .extracting(ILoggingEvent::getFormattedMessage)
                .noneMatch(line -> line.contains(email));
    }

    @Test
    void signing_in_takes_json_only_which_no_foreign_form_can_send() {
        Answer form = client.send("POST", "/api/session", "email=a&password=b", "application/x-www-form-urlencoded");
        assertThat(form.status()).isEqualTo(415);
    }

    @Test
    void the_password_is_nowhere_in_an_answer_and_the_demo_door_is_shut() {
        Answer answer = signUp(email, "long-enough-1");
        assertThat(answer.text()).doesNotContain("long-enough-1").doesNotContain("$2a$");
        assertThat(answer.json().has("demo")).isFalse();
    }
}
