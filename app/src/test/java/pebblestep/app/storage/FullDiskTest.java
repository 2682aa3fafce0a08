package pebblestep.app.storage;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.slf4j.LoggerFactory;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.PebbleStep;

/** A disk that becomes full, and has space again. */
class FullDiskTest {
    private static final String NOBODY_KNOWS = "{\"name\":\"Late Comer\",\"instrument\":\"oboe\"}";
    private static final long PLENTY = 1L << 40;

    @TempDir
    Path folder;

    private ConfigurableApplicationContext app;
    private Client teacher;
    private Client student;
    private String take;

    @BeforeEach
    void a_studio() {
        FullDisk.register();
        app = new SpringApplication(PebbleStep.class)
                .run(
                        "--server.port=0",
                        "--pebble.data=" + folder,
                        "--pebble.password-strength=4",
                        // Looked at by the test alone.
                        "--pebble.look-every=1h",
                        "--spring.datasource.url=jdbc:h2:full:" + folder + "/pebble;WRITE_DELAY=0");
        app.getBean(Space.class).measuredBy(() -> PLENTY);
        teacher = new Client(((ServletWebServerApplicationContext) app)
                        .getWebServer()
                        .getPort())
                .signUp();
        Answer enrolled = Given.student(teacher, "Ada", "oboe");
        take = Given.take(Given.assigned(teacher, enrolled).id(), "clean", 60);
        student = teacher.another().byLink(enrolled.string("practicePath"));
    }

    @AfterEach
    void space_again() {
        FullDisk.isFull(false);
        app.close();
    }

    private Answer add() {
        return teacher.post("/api/students", NOBODY_KNOWS);
    }

    private Answer health() {
        return teacher.get("/actuator/health");
    }

    @Test
    void what_is_almost_full_is_read_and_not_written() {
        app.getBean(Space.class).measuredBy(() -> 1000);
        assertThat(add().status()).isEqualTo(503);
        assertThat(add().string("detail")).startsWith("The disk of the studio is full, so nothing can be kept now.");
        assertThat(student.post("/api/practice/takes", take).status()).isEqualTo(503);
        assertThat(teacher.get("/api/desk").status()).isEqualTo(200);
        assertThat(student.get("/api/practice/room").status()).isEqualTo(200);
        assertThat(health().status()).isEqualTo(503);
        assertThat(teacher.get("/actuator/health/readiness").status()).isEqualTo(503);
        assertThat(teacher.get("/actuator/health/liveness").status()).isEqualTo(200);
        app.getBean(Space.class).measuredBy(() -> PLENTY);
        assertThat(student.post("/api/practice/takes", take).status()).isEqualTo(200);
        assertThat(health().status()).isEqualTo(200);
    }

    /** Others may take the last space: then the database closes itself, and is opened when there is some again. */
    @Test
    void what_is_full_to_the_brim_works_again_without_a_restart() {
        Logger root = (Logger) LoggerFactory.getLogger(org.slf4j.Logger.ROOT_LOGGER_NAME);
        ListAppender<ILoggingEvent> log = new ListAppender<>();
        log.start();
        root.addAppender(log);
        try {
            FullDisk.isFull(true);
            for (int i = 0; i < 40; i++) assertThat(add().status()).isEqualTo(503);
            assertThat(add().string("detail")).startsWith("The records of the studio cannot be reached now.");
            app.getBean(DatabaseWatch.class).look();
            assertThat(health().status()).isEqualTo(503);
            assertThat(teacher.get("/api/desk").status())
                    .as("opened anew, it is read")
                    .isEqualTo(200);
            assertThat(add().string("detail")).startsWith("The disk of the studio is full");
        } finally {
            root.detachAppender(log);
        }
        assertThat(log.list).as("the log does not flood").hasSizeLessThan(120);
        FullDisk.isFull(false);
        app.getBean(DatabaseWatch.class).look();
        assertThat(health().status()).isEqualTo(200);
        assertThat(teacher.get("/api/students").json().get("total").asInt()).isEqualTo(1);
        assertThat(student.post("/api/practice/takes", take).status()).isEqualTo(200);
        assertThat(add().status()).isEqualTo(201);
    }
}
