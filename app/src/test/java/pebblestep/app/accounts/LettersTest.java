package pebblestep.app.accounts;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.mail.Session;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Properties;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.PebbleStep;
import pebblestep.app.post.Post;
import tools.jackson.databind.JsonNode;

/** An account over its life: made, forgotten, changed, always by letters that only their owner gets. */
class LettersTest {
    private static final Pattern WORD = Pattern.compile("http://shore\\.example/[a-z-]+#([A-Za-z0-9_-]{43})");
    private static final String OLD = "long-enough-1";
    private static final String NEW = "four wet stones and a heron";

    @TempDir
    Path folder;

    private ConfigurableApplicationContext app;
    private Client client;
    private int read;

    @BeforeEach
    void a_place_with_one_studio() {
        start();
        assertThat(signUp("first@example.test").json().has("teacher"))
                .as("the first needs no letter")
                .isTrue();
        client.delete("/api/session");
    }

    private void start(String... more) {
        String[] usual = {
            "--server.port=0",
            "--spring.datasource.url=jdbc:h2:mem:letters" + System.nanoTime(),
            "--pebble.data=" + folder,
            "--pebble.url=http://shore.example/",
            "--pebble.password-strength=4"
        };
        app = new SpringApplication(PebbleStep.class)
                .run(Stream.concat(Stream.of(usual), Stream.of(more)).toArray(String[]::new));
        client = new Client(
                ((ServletWebServerApplicationContext) app).getWebServer().getPort());
        client.get("/api/session");
    }

    @AfterEach
    void close() {
        app.close();
    }

    private Answer signUp(String email) {
        return client.post(
                "/api/accounts",
                "{\"studio\":\"Reeds\",\"name\":\"A Teacher\",\"email\":\"" + email + "\",\"password\":\"" + OLD
                        + "\"}");
    }

    private Answer signIn(Client who, String email, String password) {
        who.get("/api/session");
        return who.post("/api/session", "{\"email\":\"" + email + "\",\"password\":\"" + password + "\"}");
    }

    /** The next letter that has come, as a mail reader takes it (RFC 5322). */
    private MimeMessage letter() throws Exception {
        app.getBean(Post.class).awaitDelivered();
        List<Path> files = files();
        assertThat(files).as("a letter has come").hasSizeGreaterThan(read);
        try (InputStream in = Files.newInputStream(files.get(read++))) {
            return new MimeMessage(Session.getInstance(new Properties()), in);
        }
    }

    private List<Path> files() throws IOException {
        Path mailbox = folder.resolve("mailbox");
        if (!Files.isDirectory(mailbox)) return List.of();
        try (Stream<Path> files = Files.list(mailbox)) {
            return files.sorted().toList();
        }
    }

    private static String word(MimeMessage letter) throws Exception {
        Matcher link = WORD.matcher(letter.getContent().toString());
        assertThat(link.find()).as(letter.getContent().toString()).isTrue();
        return link.group(1);
    }

    @Test
    void an_address_answers_a_letter_before_it_has_a_studio_and_sign_up_never_tells_who_has_one() throws Exception {
        Answer fresh = signUp("second@example.test");
        Answer known = signUp("first@example.test");
        assertThat(fresh.status()).isEqualTo(known.status());
        assertThat(fresh.text()).isEqualTo(known.text()).contains("\"letter\":true");
        MimeMessage asked = letter();
        assertThat(asked.getAllRecipients()).extracting(Object::toString).containsExactly("second@example.test");
        MimeMessage told = letter();
        assertThat(told.getAllRecipients()).extracting(Object::toString).containsExactly("first@example.test");
        assertThat(told.getContent().toString()).contains("It has one already").doesNotContain("letter#");
        assertThat(signIn(client.another(), "second@example.test", OLD).status())
                .as("not before the answer")
                .isEqualTo(401);
        // Somebody else, who never owned the address, had asked before: the owner asks again, and has it.
        signUp("second@example.test");
        String word = word(letter());
        Answer answer = client.post("/api/letters/answer", "{\"word\":\"" + word + "\"}");
        assertThat(answer.string("sentence")).isEqualTo("Your studio is made.");
        assertThat(client.get("/api/session").json().at("/teacher/email").asString())
                .isEqualTo("second@example.test");
        assertThat(client.another()
                        .saying("X-Nothing", "here")
                        .post("/api/letters/answer", "{\"word\":\"" + word + "\"}")
                        .status())
                .as("without the token of a page")
                .isEqualTo(403);
        assertThat(client.post("/api/letters/answer", "{\"word\":\"" + word + "\"}")
                        .string("detail"))
                .startsWith("This link was used already");
        assertThat(client.post("/api/letters/answer", "{\"word\":\"" + word(asked) + "\"}")
                        .string("detail"))
                .as("the other's letter comes too late")
                .contains("There is an account");
    }

    @Test
    void a_forgotten_password_is_replaced_by_a_letter_and_every_device_is_signed_out() throws Exception {
        Client elsewhere = client.another();
        signIn(elsewhere, "first@example.test", OLD);
        assertThat(elsewhere.get("/api/desk").status()).isEqualTo(200);
        String forgotten = "{\"email\":\"%s\"}";
        Answer nobody = client.post("/api/letters/forgotten", forgotten.formatted("nobody@example.test"));
        Answer somebody = client.post("/api/letters/forgotten", forgotten.formatted("First@example.test"));
        assertThat(somebody.status()).isEqualTo(nobody.status()).isEqualTo(202);
        assertThat(somebody.text()).isEqualTo(nobody.text());
        String word = word(letter());
        String reset = "{\"word\":\"" + word + "\",\"password\":\"%s\"}";
        assertThat(client.post("/api/letters/new-password", reset.formatted("password123"))
                        .string("pointer"))
                .isEqualTo("/password");
        assertThat(client.post("/api/letters/new-password", reset.formatted(NEW))
                        .status())
                .isEqualTo(200);
        assertThat(client.get("/api/desk").status()).isEqualTo(200);
        assertThat(elsewhere.get("/api/desk").status()).isEqualTo(401);
        assertThat(letter().getSubject()).isEqualTo("Your password was changed");
        assertThat(signIn(client.another(), "first@example.test", OLD).status()).isEqualTo(401);
        assertThat(signIn(client.another(), "first@example.test", NEW).status()).isEqualTo(200);
        assertThat(client.post("/api/letters/new-password", reset.formatted(NEW))
                        .status())
                .as("once")
                .isEqualTo(422);
        for (int i = 0; i < 4; i++) {
            somebody = client.post("/api/letters/forgotten", forgotten.formatted("first@example.test"));
        }
        assertThat(somebody.status()).as("not a flood of letters").isEqualTo(429);
    }

    @Test
    void a_password_and_an_address_are_changed_by_who_knows_the_password() throws Exception {
        signIn(client, "first@example.test", OLD);
        Client elsewhere = client.another();
        signIn(elsewhere, "first@example.test", OLD);
        String change = "{\"now\":\"%s\",\"password\":\"" + NEW + "\"}";
        assertThat(client.put("/api/account/password", change.formatted("wrong"))
                        .string("pointer"))
                .isEqualTo("/now");
        assertThat(client.put("/api/account/password", change.formatted(OLD)).status())
                .isEqualTo(200);
        assertThat(client.get("/api/desk").status()).isEqualTo(200);
        assertThat(elsewhere.get("/api/desk").status()).isEqualTo(401);
        letter();
        String address = "{\"email\":\"other@example.test\",\"password\":\"" + NEW + "\"}";
        assertThat(client.put("/api/account/email", address).status()).isEqualTo(202);
        assertThat(client.get("/api/session").json().at("/teacher/email").asString())
                .as("not before the answer")
                .isEqualTo("first@example.test");
        String word = word(letter());
        assertThat(client.post("/api/letters/answer", "{\"word\":\"" + word + "\"}")
                        .string("sentence"))
                .isEqualTo("From now on you come in as other@example.test.");
        assertThat(letter().getAllRecipients()).extracting(Object::toString).containsExactly("first@example.test");
        signIn(elsewhere, "other@example.test", NEW);
        assertThat(client.post("/api/account/sign-out-everywhere", "").status()).isEqualTo(200);
        assertThat(client.get("/api/desk").status()).isEqualTo(200);
        assertThat(elsewhere.get("/api/desk").status()).isEqualTo(401);
    }

    @Test
    void a_second_teacher_is_invited_does_what_a_teacher_may_is_named_and_is_let_go() throws Exception {
        signIn(client, "first@example.test", OLD);
        Answer ada = Given.student(client, "Ada", "oboe");
        assertThat(client.post("/api/teachers", "{\"name\":\"Stand In\",\"email\":\"second@example.test\"}")
                        .status())
                .isEqualTo(202);
        Client second = client.another();
        second.get("/api/session");
        String join = "{\"word\":\"" + word(letter()) + "\",\"password\":\"" + NEW + "\"}";
        assertThat(second.post("/api/letters/join", join)
                        .json()
                        .at("/teacher/owner")
                        .asBoolean(true))
                .isFalse();
        assertThat(client.post("/api/letters/join", join).status()).as("once").isEqualTo(422);
        Answer assignment = second.post(
                "/api/assignments", Given.assignment(Given.step(second).id(), ada.id()));
        assertThat(assignment.string("givenBy")).isEqualTo("Stand In");
        String notes = "/api/students/" + ada.id() + "/lesson-notes";
        assertThat(second.post(notes, "{\"text\":\"Long notes\"}").string("by")).isEqualTo("Stand In");
        assertThat(client.post(notes, "{\"text\":\"Octave key\"}").string("by")).isEqualTo("A Teacher");
        second.post("/api/assignments/" + assignment.id() + "/hold", "{\"holds\":true}");
        assertThat(client.get("/api/desk")
                        .json()
                        .at("/items/0/works/0/decidedBy")
                        .asString())
                .isEqualTo("Stand In");
        String settings = client.get("/api/settings").text();
        for (Answer refused : List.of(
                second.put("/api/settings", settings),
                second.post("/api/teachers", "{\"name\":\"B\",\"email\":\"b@example.test\"}"),
                second.post("/api/students/" + ada.id() + "/delete", "{\"name\":\"Ada\"}"),
                second.post("/api/studio/delete", "{\"name\":\"Reeds\"}"))) {
            assertThat(refused.status()).isEqualTo(403);
            assertThat(refused.string("detail")).startsWith("Only the owner of the studio may do this.");
        }
        JsonNode teachers = client.get("/api/teachers").json();
        assertThat(teachers).hasSize(2);
        assertThat(second.get("/api/teachers").json().at("/0").has("email"))
                .as("the owner's address is the owner's")
                .isFalse();
        long owner = teachers.at("/0/id").asLong();
        long standIn = teachers.at("/1/id").asLong();
        assertThat(second.delete("/api/teachers/" + owner).status()).isEqualTo(403);
        assertThat(client.delete("/api/teachers/" + owner).status()).isEqualTo(422);
        assertThat(client.delete("/api/teachers/" + standIn).status()).isEqualTo(204);
        assertThat(second.get("/api/desk").status()).isEqualTo(401);
        assertThat(signIn(second, "second@example.test", NEW).status()).isEqualTo(401);
        assertThat(client.get(notes).json().at("/items/1/by").asString())
                .as("what they wrote stays theirs")
                .isEqualTo("Stand In");
    }

    @Test
    void a_place_may_be_closed_or_open_by_invitation() {
        app.close();
        start("--pebble.sign-up=closed");
        assertThat(signUp("a@example.test").string("detail")).isEqualTo("New studios are not made here.");
        app.close();
        start("--pebble.sign-up=invitation", "--pebble.invitation=heron");
        assertThat(client.get("/api/session").string("signUp")).isEqualTo("invitation");
        assertThat(signUp("a@example.test").string("pointer")).isEqualTo("/invitation");
        Answer invited = client.post(
                "/api/accounts",
                "{\"studio\":\"S\",\"name\":\"N\",\"email\":\"a@example.test\",\"password\":\"" + NEW
                        + "\",\"invitation\":\"heron\"}");
        assertThat(invited.status()).isEqualTo(201);
    }
}
