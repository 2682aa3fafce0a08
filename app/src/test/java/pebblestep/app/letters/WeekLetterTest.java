package pebblestep.app.letters;

import static org.assertj.core.api.Assertions.assertThat;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.mail.Session;
import jakarta.mail.internet.MimeMessage;
import java.io.ByteArrayInputStream;
import java.util.Properties;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;

/** The letter about a week is written, looked over, and goes into the mailbox or through a real mail server. */
@ExtendWith(RunningApp.class)
class WeekLetterTest {
    private static final String LETTER =
            """
            {"to":"parent@estuary.test","subject":"Ada’s week\\r\\nBcc: others@estuary.test","text":"Play B♭ major.\\n.\\nQUIT\\n"}""";

    private final GreenMail server =
            new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP).dynamicPort());
    private Client client;
    private Client teacher;
    private Answer ada;
    private JdbcClient database;

    @BeforeEach
    void a_student_with_a_step(Client fresh, RunningApp.Server app) {
        client = fresh;
        database = app.context().getBean(JdbcClient.class);
        teacher = client.another().signUp();
        ada = Given.student(teacher, "Ada Reed", "oboe");
        long assignment = Given.assigned(teacher, ada).id();
        Client practising = client.byLink(ada.string("practicePath"));
        practising.post("/api/practice/takes", Given.take(assignment, "clean", 60));
        server.start();
        server.setUser("studio@estuary.test", "studio", "tide-tables");
    }

    @AfterEach
    void stop() {
        server.stop();
    }

    private String theirs() {
        return "/api/students/" + ada.id() + "/letter";
    }

    private Answer keep(String password, int port) {
        return teacher.put(
                "/api/mail-server",
                """
                {"host":"127.0.0.1","port":%d,"security":"none","username":"studio","password":"%s",
                 "sender":"studio@estuary.test"}"""
                        .formatted(port, password));
    }

    @Test
    void it_says_what_to_play_and_where_it_is_heard() {
        Answer letter = teacher.get(theirs());
        assertThat(letter.string("subject")).isEqualTo("Your week: 1 step, 1 minute a day");
        assertThat(letter.string("text"))
                .startsWith("Dear Ada,\n\n")
                .contains(
                        "1. D♭ major: Up and over (two octaves up and down, sixteenths from 1), metronome at 60, 1 minute\n")
                .contains(ada.string("practicePath") + "\n")
                .contains("Stop at pain");
        assertThat(teacher.get(theirs() + "?reader=parent").string("text")).startsWith("Hello,\n\n");
        assertThat(teacher.get(theirs() + "?reader=stranger").status()).isIn(400, 422);
    }

    @Test
    void without_a_mail_server_it_lies_in_the_mailbox() {
        Answer sent = teacher.post(theirs(), LETTER);
        assertThat(sent.status()).as(sent.text()).isEqualTo(200);
        assertThat(sent.string("through")).isEmpty();
        assertThat(teacher.get("/api/sent").string("/items/0/to")).isEqualTo("parent@estuary.test");
        assertThat(teacher.get(theirs()).string("to")).isEqualTo("parent@estuary.test");
        assertThat(client.another()
                        .signUp()
                        .get("/api/sent")
                        .json()
                        .get("total")
                        .asInt())
                .isZero();
        assertThat(server.getReceivedMessages()).isEmpty();
    }

    @Test
    void a_mail_server_takes_it_as_one_letter_to_one_address() throws Exception {
        int port = server.getSmtp().getPort();
        Answer kept = keep("tide-tables", port);
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        assertThat(kept.text()).doesNotContain("tide-tables");
        assertThat(teacher.get("/api/mail-server").text()).doesNotContain("tide-tables");
        Answer sent = teacher.post(theirs(), LETTER);
        assertThat(sent.string("through")).isEqualTo("127.0.0.1");
        MimeMessage[] received = server.getReceivedMessages();
        assertThat(received).hasSize(1);
        assertThat(received[0].getSubject()).isEqualTo("Ada’s week Bcc: others@estuary.test");
        assertThat(received[0].getAllRecipients()).extracting(Object::toString).containsExactly("parent@estuary.test");
        assertThat(received[0].getContent().toString().replace("\r\n", "\n").strip())
                .isEqualTo("Play B♭ major.\n.\nQUIT");
        assertThat(teacher.delete("/api/mail-server").status()).isEqualTo(204);
        assertThat(teacher.post(theirs(), LETTER).string("through")).isEmpty();
    }

    @Test
    void a_password_is_kept_closed_and_goes_to_no_other_server() {
        keep("tide-tables", server.getSmtp().getPort());
        assertThat(database.sql("select sealed_password from mail_servers")
                        .query(String.class)
                        .list())
                .isNotEmpty()
                .noneMatch(kept -> kept.contains("tide-tables"));
        Answer elsewhere = teacher.put(
                "/api/mail-server",
                """
                {"host":"localhost","port":%d,"security":"none","username":"studio","sender":"studio@estuary.test"}"""
                        .formatted(server.getSmtp().getPort()));
        assertThat(elsewhere.status()).isEqualTo(422);
        assertThat(elsewhere.string("pointer")).isEqualTo("/password");
        Answer same = teacher.put(
                "/api/mail-server",
                """
                {"host":"127.0.0.1","port":%d,"security":"none","username":"studio","sender":"studio@estuary.test"}"""
                        .formatted(server.getSmtp().getPort()));
        assertThat(same.status()).as(same.text()).isEqualTo(200);
    }

    @Test
    void what_is_wrong_with_a_server_is_said_and_nothing_is_kept() {
        int port = server.getSmtp().getPort();
        Answer wrong = keep("another", port);
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.string("detail")).contains("does not know this user name with this password");
        server.stop();
        assertThat(keep("tide-tables", port).string("detail")).contains("No mail server answers at 127.0.0.1:" + port);
        assertThat(teacher.get("/api/mail-server").status()).isEqualTo(204);
        assertThat(teacher.put("/api/mail-server", "{\"host\":\"\",\"port\":25,\"security\":\"none\",\"sender\":\"x\"}")
                        .status())
                .isEqualTo(422);
        assertThat(teacher.post(theirs(), LETTER.replace("parent@", "parent at "))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void a_file_of_it_is_a_letter_that_was_not_sent_yet() throws Exception {
        byte[] file =
                teacher.download("/api/exports/eml", LETTER.replace("{\"to\"", "{\"student\":" + ada.id() + ",\"to\""));
        MimeMessage read = new MimeMessage(Session.getInstance(new Properties()), new ByteArrayInputStream(file));
        assertThat(read.getHeader("X-Unsent")).containsExactly("1");
        assertThat(read.getHeader("Bcc")).isNull();
        assertThat(read.getAllRecipients()).hasSize(1);
        assertThat(read.getContent().toString()).contains("Play B♭ major.");
    }

    @Test
    void others_write_nobodys_letter() {
        Client stranger = client.another().signUp();
        assertThat(stranger.get(theirs()).status()).isEqualTo(404);
        assertThat(stranger.post(theirs(), LETTER).status()).isEqualTo(404);
        assertThat(stranger.get("/api/mail-server").status()).isEqualTo(204);
    }
}
